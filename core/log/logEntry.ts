import { z } from 'zod';
import { FLOW_BOUNDS, TEST_BOUNDS, CARE_BOUNDS } from './logBounds';
import { ADDITIONS } from '../tank/additions';
import { DaySchema, IdSchema, MomentSchema, NoteSchema } from '../document/fields';
import { TANK_BOUNDS } from '../tank/tankBounds';
import { bounded } from '../units/bounded';
import { QUICK_CHECKS, SERVICE_WORKS } from './serviceWorks';
import { SYMPTOMS } from './symptom';

/** Most fillings in one reading. */
const MAX_FILLINGS = 20;

/** When in the life of a pack a flow was timed. A clean flow is the yardstick that later ones are held against. */
export const FlowMomentSchema = z.enum(['clean', 'before strip', 'between']);
export type FlowMoment = z.infer<typeof FlowMomentSchema>;
/** Most works of one service. */
const MAX_WORKS = 80;
/** Longest key of what is due. */
const LONGEST_ITEM = 100;
/** Longest name of a cause. */
const LONGEST_CAUSE = 120;

/** How a test kit counts: the nitrogen alone, or the whole ion. What is stored is the nitrogen. */
export const TestScaleSchema = z.enum(['nitrogen', 'ion']);
export type TestScale = z.infer<typeof TestScaleSchema>;

/** What every entry has. */
const common = {
  id: IdSchema,
  filterId: IdSchema,
  jobId: IdSchema.nullable(),
  at: MomentSchema,
  note: NoteSchema,
};

/** Something that happened to a filter or its tank. Volumes m³, times s, concentrations kg N/m³. */
export const LogEntrySchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('flow'),
    ...common,
    moment: FlowMomentSchema,
    jugVolume: bounded(FLOW_BOUNDS.jugVolume),
    seconds: z
      .array(bounded(FLOW_BOUNDS.seconds))
      .min(1, 'Time at least one filling.')
      .max(MAX_FILLINGS, `At most ${MAX_FILLINGS} fillings make one reading.`),
  }),
  z.object({
    kind: z.literal('repacked'),
    ...common,
  }),
  z
    .object({
      kind: z.literal('test'),
      ...common,
      ammonia: bounded(TEST_BOUNDS.ammonia).nullable(),
      nitrite: bounded(TEST_BOUNDS.nitrite).nullable(),
      nitrate: bounded(TEST_BOUNDS.nitrate).nullable(),
      pH: bounded(TANK_BOUNDS.pH).nullable(),
      scale: TestScaleSchema.describe('How the kit counts; what is stored is the nitrogen'),
    })
    .refine(
      ({ ammonia, nitrite, nitrate, pH }) => [ammonia, nitrite, nitrate, pH].some((value) => value !== null),
      {
        error: 'Enter at least one reading.',
      },
    ),
  z.object({
    kind: z.literal('water change'),
    ...common,
    share: bounded(TEST_BOUNDS.share),
    dechlorinated: z.boolean(),
  }),
  z.object({ kind: z.literal('addition'), ...common, what: z.enum(ADDITIONS) }),
  z.object({
    kind: z.literal('cloudy'),
    ...common,
    rinsed: z.enum(['yes', 'no', 'not known']).describe('Whether new media was rinsed until clear'),
  }),
  z.object({
    kind: z.literal('look'),
    ...common,
    seen: z.array(z.enum(QUICK_CHECKS)).min(1, 'Choose what you saw.').max(QUICK_CHECKS.length),
  }),
  z.object({
    kind: z.literal('level'),
    ...common,
    headroom: bounded(CARE_BOUNDS.headroom).describe('Water in front of the pack, below the lowest rim, m'),
  }),
  z.object({
    kind: z.literal('service'),
    ...common,
    works: z
      .array(
        z.object({
          layerId: IdSchema.nullable().describe('null: a part of the filter'),
          work: z.enum(SERVICE_WORKS),
        }),
      )
      .min(1, 'Choose what you did.')
      .max(MAX_WORKS),
    flowWas: z.enum(['fine', 'low', 'not known']).describe('How the keeper judged the flow before it'),
  }),
  z.object({ kind: z.literal('top-up'), ...common, volume: bounded(CARE_BOUNDS.topUp) }),
  z.object({
    kind: z.literal('change'),
    ...common,
    what: z.enum(['feeding', 'hardware']),
    note: NoteSchema.min(1, 'Write what was changed.'),
  }),
  z.object({
    kind: z.literal('fault'),
    ...common,
    symptom: z.enum(SYMPTOMS),
    causes: z.array(z.string().min(1).max(LONGEST_CAUSE)).max(4),
  }),
  z.object({
    kind: z.literal('snooze'),
    ...common,
    item: z.string().min(1).max(LONGEST_ITEM).describe('Key of the due item'),
    until: DaySchema,
    note: NoteSchema.min(1, 'Write why it can wait.'),
  }),
  z.object({
    kind: z.literal('note'),
    ...common,
    note: NoteSchema.min(1, 'Write something.'),
  }),
]);
export type LogEntry = z.infer<typeof LogEntrySchema>;
export type FlowEntry = Extract<LogEntry, { kind: 'flow' }>;
export type TestEntry = Extract<LogEntry, { kind: 'test' }>;
