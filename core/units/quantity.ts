/**
 * What kind of thing a number measures. The core holds every number in SI; the kind says in which unit a
 * keeper reads and types it.
 */
export type QuantityKind =
  | 'length'
  | 'gap'
  | 'volume'
  | 'flow'
  | 'mass'
  | 'area'
  | 'surface'
  | 'temperature'
  | 'time'
  | 'share'
  | 'turnover'
  | 'cover'
  | 'concentration'
  | 'ammonium'
  | 'nitriteIon'
  | 'nitrate'
  | 'nitrateMass'
  | 'altitude'
  | 'feed'
  | 'milligram'
  | 'density'
  | 'hardness'
  | 'run'
  | 'speed'
  | 'power'
  | 'angle'
  | 'pores'
  | 'duration'
  | 'hours'
  | 'days'
  | 'sludge'
  | 'fine'
  | 'specificSurface'
  | 'plain';

/** A number with its kind; `si` is in the SI unit that `UNITS` names for the kind. */
export interface Quantity {
  readonly kind: QuantityKind;
  readonly si: number;
}

/** The three families of units a keeper may choose between. */
export const UNIT_SYSTEMS = ['metric', 'us', 'imperial'] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];
