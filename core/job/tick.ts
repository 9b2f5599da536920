import { z } from 'zod';
import { MomentSchema } from '../document/fields';

/** Longest key of a step. */
export const LONGEST_KEY = 160;

/** A step of a repack that was ticked or unticked, or a timer that was started, and when: of two, the newer holds. */
export const TickSchema = z.object({
  key: z.string().min(1).max(LONGEST_KEY),
  done: z.boolean(),
  at: MomentSchema,
});
export type Tick = z.infer<typeof TickSchema>;
