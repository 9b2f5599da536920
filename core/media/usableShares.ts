import type { UsableShare } from './medium';

const share = (low: number, likely: number, high: number): UsableShare => ({ low, likely, high });

/**
 * Share of the geometric surface on which a film can live, by what a medium is (calibrated to how the trade ranks
 * media). Of rough mineral the pores that are wide enough to be flushed count, the claimed micropores do not; floss,
 * cartridges and chemical grains carry a film only until they are changed.
 */
export const USABLE_SHARES = {
  foam: share(0.6, 0.8, 1),
  floss: share(0.1, 0.15, 0.3),
  dense: share(0.1, 0.3, 0.5),
  ribbon: share(0.4, 0.6, 0.8),
  roughMineral: share(1, 2, 3),
  chemicalGrains: share(0.05, 0.15, 0.5),
  none: share(0, 0, 0),
} as const;

/** Surface that boxes claim for porous mineral media, m² per m³ of bed: nearly all of it is micropores (from memory). */
export const CLAIMED = { sinteredGlass: 270_000, porousCeramic: 300_000 } as const;
