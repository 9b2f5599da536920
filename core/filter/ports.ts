import { z } from 'zod';
import { AIMS } from './aims';
import { bounded } from '../units/bounded';
import { PLACES } from './places';
import { PORT_BOUNDS } from './portBounds';

/** Most intakes or outlets of one body. */
export const MAX_PORTS = 4;

export const PlaceSchema = z.enum(PLACES);

export const AimSchema = z.enum(AIMS);
export type Aim = z.infer<typeof AimSchema>;

const hose = bounded(PORT_BOUNDS.hose)
  .nullable()
  .describe('Length of its own hose if different, m; null: the same');

/** Where a filter takes water in; m, null when not measured. */
export const IntakeSchema = z.object({
  place: PlaceSchema,
  depth: bounded(PORT_BOUNDS.depth).nullable().describe('Of the strainer below the water'),
  tube: bounded(PORT_BOUNDS.tube).nullable().describe('Outside diameter of the tube'),
  hose,
  open: bounded(PORT_BOUNDS.open).describe('Share of the strainer that no dirt or plant covers'),
});
export type Intake = z.infer<typeof IntakeSchema>;

/** Where a filter gives water back. */
export const OutletSchema = z.object({
  place: PlaceSchema,
  aim: AimSchema,
  hose,
  aboveWater: bounded(PORT_BOUNDS.aboveWater).describe(
    'Height of the outlet above the water, m; 0 under water. It counts as lift',
  ),
});
export type Outlet = z.infer<typeof OutletSchema>;

const ports = <S extends z.ZodType>(what: string, item: S) =>
  z
    .array(item)
    .min(1, `A filter needs at least one ${what}.`)
    .max(MAX_PORTS, `A filter has at most ${MAX_PORTS} ${what}s.`);

export const IntakesSchema = ports('intake', IntakeSchema);
export const OutletsSchema = ports('outlet', OutletSchema);
