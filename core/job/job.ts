import { z } from 'zod';
import { DaySchema, IdSchema, MomentSchema, NoteSchema } from '../document/fields';
import { bounded } from '../units/bounded';
import { LAYER_BOUNDS } from '../layers/layerBounds';
import { MAX_LAYERS } from '../pack/maxLayers';
import { JOB_BOUNDS } from './jobBounds';
import { OutOfFlowSchema } from './outOfFlow';
import { PartStateSchema, SmallPartSchema } from '../filter/smallPart';
import { JobStageSchema } from './stage';
import { TickSchema, LONGEST_KEY } from './tick';
import { MAX_ALTERNATIVES } from './maxAlternatives';

/** One layer that went into the filter, and how it differs from the plan. */
export const PackedStepSchema = z.object({
  layerId: IdSchema,
  at: MomentSchema,
  thickness: bounded(LAYER_BOUNDS.thickness).nullable().describe('As packed, m; null: as planned'),
  mass: bounded(JOB_BOUNDS.mass).nullable().describe('Weight dry, kg; null: not weighed'),
  note: NoteSchema,
});
export type PackedStep = z.infer<typeof PackedStepSchema>;

/**
 * A repack begins with the filter open and has mature media to protect; a first pack has packing to take off and dust to
 * rinse; a plan is made from what is known, and the filter is opened later.
 */
export const OccasionSchema = z.enum(['repack', 'first pack', 'plan']);
export type Occasion = z.infer<typeof OccasionSchema>;

/** Most pieces that are cut for one pack: a layer may be stacked from several and splitIntoJoints from more. */
const MAX_CUTS = 4 * MAX_LAYERS;

/** What was cut for a plan, so that a plan that changes afterwards is noticed. Lengths m. */
export const CutRecordSchema = z.object({
  at: MomentSchema,
  pieces: z
    .array(
      z.object({
        layerId: IdSchema,
        length: z.number().positive().max(10),
        width: z.number().positive().max(10),
        thickness: z.number().positive().max(1),
      }),
    )
    .max(MAX_CUTS),
});
export type CutRecord = z.infer<typeof CutRecordSchema>;

/** Most steps of one repack: twice what a pack holds, since a plan may change while it is packed. */
const MAX_STEPS = 2 * MAX_LAYERS;

/** Most steps that are ticked: those of the longest list, and of the plans before it. */
const MAX_TICKS = 400;

/** One strip-and-repack of one filter, with the three packs it holds. */
export const JobSchema = z.object({
  id: IdSchema,
  filterId: IdSchema,
  occasion: OccasionSchema,
  stage: JobStageSchema,
  startedAt: MomentSchema,
  finishedAt: MomentSchema.nullable(),
  asFoundPackId: IdSchema,
  plannedPackId: IdSchema,
  alternativePackIds: z
    .array(IdSchema)
    .max(MAX_ALTERNATIVES, `A job has at most ${MAX_ALTERNATIVES} alternatives: remove one first.`)
    .describe('Alternative plans'),
  asPackedPackId: IdSchema.nullable(),
  packed: z.array(PackedStepSchema).max(MAX_STEPS, `A repack has at most ${MAX_STEPS} steps.`),
  ticks: z
    .array(TickSchema)
    .max(MAX_TICKS)
    .describe('Steps of the repack that were ticked or unticked, timers that were started'),
  outOfFlow: OutOfFlowSchema,
  parts: z
    .partialRecord(SmallPartSchema, PartStateSchema)
    .describe('Small parts checked, each with its state'),
  repackOn: DaySchema.nullable().describe('Day on which the filter will be opened; null: not set'),
  prepared: z
    .array(z.object({ key: z.string().min(1).max(LONGEST_KEY), at: MomentSchema }))
    .max(MAX_STEPS)
    .describe('Preparations done'),
  cut: CutRecordSchema.nullable().describe('Pieces cut for it; null: none yet'),
});
export type Job = z.infer<typeof JobSchema>;
