import { z } from 'zod';
import type { Bounds } from '../units/bounds';
import { bounded } from '../units/bounded';

export const ROUTINE_BOUNDS = {
  share: { what: 'Water changed', kind: 'share', min: 0, max: 1, aboveMin: true },
  every: { what: 'Days between water changes', kind: 'plain', min: 1, max: 365 },
  tapNitrate: { what: 'Nitrate in the tap water', kind: 'nitrate', min: 0, max: 0.1 },
  nitrateRemoved: {
    what: 'Nitrate that the filter removes in a day',
    kind: 'nitrateMass',
    min: 0,
    max: 0.05,
  },
} as const satisfies Record<string, Bounds>;

/** What a keeper does with the water, and what was measured of its nitrate; nitrogen in kg and kg/m³. */
export const RoutineSchema = z.object({
  waterChange: z
    .object({ share: bounded(ROUTINE_BOUNDS.share), every: bounded(ROUTINE_BOUNDS.every).describe('Days') })
    .nullable()
    .describe('null: not known'),
  tapNitrate: bounded(ROUTINE_BOUNDS.tapNitrate)
    .nullable()
    .describe('kg N/m³ in the new water; null: not known'),
  nitrateRemoved: bounded(ROUTINE_BOUNDS.nitrateRemoved).describe(
    'Measured nitrate removal of the filter, kg N a day; 0 by default',
  ),
});
export type Routine = z.infer<typeof RoutineSchema>;
