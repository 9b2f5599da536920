import { z } from 'zod';
import { IdSchema, MomentSchema, NoteSchema } from '../document/fields';
import type { Bounds } from '../units/bounds';
import { bounded } from '../units/bounded';

export const FLOW_BOUNDS = {
  jugVolume: { what: 'Jug', kind: 'volume', min: 0.05e-3, max: 0.1 },
  seconds: { what: 'Time to the mark', kind: 'time', min: 0.3, max: 3600 },
} as const satisfies Record<string, Bounds>;

/** Most fillings in one reading. */
const MOST_FILLINGS = 20;

/** When in the life of a pack a flow was timed. A clean flow is the yardstick that later ones are held against. */
export const FlowMomentSchema = z.enum(['clean', 'before strip', 'between']);
export type FlowMoment = z.infer<typeof FlowMomentSchema>;

/** Something that happened to a filter. Volumes m³, times s. */
export const LogEntrySchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('flow'),
    id: IdSchema,
    filterId: IdSchema,
    jobId: IdSchema.nullable(),
    at: MomentSchema,
    moment: FlowMomentSchema,
    jugVolume: bounded(FLOW_BOUNDS.jugVolume),
    seconds: z
      .array(bounded(FLOW_BOUNDS.seconds))
      .min(1, 'Time at least one filling.')
      .max(MOST_FILLINGS, `At most ${MOST_FILLINGS} fillings make one reading.`),
    note: NoteSchema,
  }),
  z.object({
    kind: z.literal('repacked'),
    id: IdSchema,
    filterId: IdSchema,
    jobId: IdSchema.nullable(),
    at: MomentSchema,
    note: NoteSchema,
  }),
  z.object({
    kind: z.literal('note'),
    id: IdSchema,
    filterId: IdSchema,
    jobId: IdSchema.nullable(),
    at: MomentSchema,
    note: NoteSchema.min(1, 'Write something.'),
  }),
]);
export type LogEntry = z.infer<typeof LogEntrySchema>;
export type FlowEntry = Extract<LogEntry, { kind: 'flow' }>;
