import { z } from 'zod';
import { bounded } from '../units/bounded';
import { SPILL_BOUNDS } from './spillBounds';

/** The foot that keeps a hang-on-back level: in its place, missing, or the body never had one. */
export const FOOT_STATES = ['in', 'missing', 'none'] as const;

/** Where a hang-on-back gives its water back, and where it would spill. Heights and widths m, tilt rad. */
export const SpillSchema = z.object({
  lipAboveFloor: bounded(SPILL_BOUNDS.lip).describe('Lip above the floor of the first chamber'),
  rimAboveLip: bounded(SPILL_BOUNDS.rim).describe('Lowest rim at the back, above the lip'),
  lipAboveTank: bounded(SPILL_BOUNDS.drop).describe('Lip above the tank’s water'),
  lipWidth: bounded(SPILL_BOUNDS.lipWidth),
  notch: z
    .object({ aboveLip: bounded(SPILL_BOUNDS.notchHeight), width: bounded(SPILL_BOUNDS.notchWidth) })
    .nullable()
    .describe('A way past the pack inside the body: a relief notch, or the edge of the basket'),
  hangerToBack: bounded(SPILL_BOUNDS.hangerToBack).describe('From the tank’s edge to the rim at the back'),
  foot: z.enum(FOOT_STATES),
  tilt: bounded(SPILL_BOUNDS.tilt).describe('Angle by which the filter leans back, rad'),
  recirculated: bounded(SPILL_BOUNDS.recirculated).describe(
    'Share of the flow that the control recirculates, 0–1',
  ),
});
export type Spill = z.infer<typeof SpillSchema>;
