import { z } from 'zod';
import { bounded, type Bounds } from '../units/bounds';

export const PORT_BOUNDS = {
  depth: { what: 'Depth of the intake', kind: 'length', min: 0, max: 3 },
  tube: { what: 'Diameter of the intake tube', kind: 'gap', min: 2e-3, max: 0.2 },
  hose: { what: 'Length of its hose', kind: 'run', min: 0, max: 20 },
  /** Wholly blocked a pump would stand: a hundredth is as good as that, and stays a number. */
  open: { what: 'Share of the strainer that is open', kind: 'share', min: 0.01, max: 1 },
} as const satisfies Record<string, Bounds>;

/** Most intakes or outlets of one body. */
export const MOST_PORTS = 4;

/** Where along the tank, seen from the front. */
export const PLACES = ['left', 'middle', 'right'] as const;
export const PlaceSchema = z.enum(PLACES);
export type Place = z.infer<typeof PlaceSchema>;

/** Where a stream of water points. */
export const AIMS = ['along the tank', 'to the front', 'up', 'down'] as const;
export const AimSchema = z.enum(AIMS);
export type Aim = z.infer<typeof AimSchema>;

const hose = bounded(PORT_BOUNDS.hose)
  .nullable()
  .describe('Length of its own hose where it is another than the rest, m; null: as the rest');

/** Where a filter takes water in; m, null when not measured. */
export const IntakeSchema = z.object({
  place: PlaceSchema,
  depth: bounded(PORT_BOUNDS.depth).nullable().describe('Of the strainer below the water'),
  tube: bounded(PORT_BOUNDS.tube).nullable().describe('Outside diameter of the tube'),
  hose,
  open: bounded(PORT_BOUNDS.open).describe('Share of the strainer that no dirt or plant covers'),
});
export type Intake = z.infer<typeof IntakeSchema>;

/** Outside diameter of an intake tube that nobody has measured, m (common practice, no source). */
const USUAL_TUBE = 0.016;

/** Outside diameter of a filter’s first intake tube, m: measured, or usual. */
export const tubeOf = (intakes: readonly Intake[]): number => intakes[0]?.tube ?? USUAL_TUBE;

/** Where a filter gives water back. */
export const OutletSchema = z.object({ place: PlaceSchema, aim: AimSchema, hose });
export type Outlet = z.infer<typeof OutletSchema>;

const ports = <S extends z.ZodType>(what: string, one: S) =>
  z
    .array(one)
    .min(1, `A filter needs at least one ${what}.`)
    .max(MOST_PORTS, `A filter has at most ${MOST_PORTS} ${what}s.`);

export const IntakesSchema = ports('intake', IntakeSchema);
export const OutletsSchema = ports('outlet', OutletSchema);
