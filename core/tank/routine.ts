import { z } from 'zod';
import { ROUTINE_BOUNDS } from './routineBounds';
import { bounded } from '../units/bounded';

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
