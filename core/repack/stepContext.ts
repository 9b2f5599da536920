import type { Filter } from '../filter/filter';
import type { Job } from '../job/job';
import { clockState, filmKept, secondsOutOfFlow } from '../job/outOfFlowClock';
import { smallParts } from '../job/smallParts';
import { isTicked } from '../job/ticks';
import type { Layer } from '../layers/layer';
import { planProgramme } from '../prepare/planProgramme';
import type { PackReport, Surroundings } from '../report/evaluatePack';
import { repackedMedia } from '../report/tankBiology';
import { uvFrom } from '../settle/uvFrom';
import { lowerFirst } from '../units/firstLetter';
import { flowSubmerged } from './repackSteps';
import type { StepContext } from './repackStep';

/** What a repack is made from. */
export interface RepackInput {
  readonly around: Surroundings;
  readonly filter: Filter;
  readonly job: Job;
  /** Layers as they came out; in the box, at a first pack. */
  readonly found: readonly Layer[];
  readonly planned: readonly Layer[];
  /** Of the plan. */
  readonly report: PackReport;
}

/** Keys of the two ways a repack begins: what was acknowledged decides, whatever the clock does afterwards. */
const CLOSED = 'stop/plug out';
const OPEN = 'stop/plug stays out';

/**
 * The day from which a UV lamp may be lit, an ISO moment; null: there is none, or it may be lit at once.
 *
 * @param now ISO moment
 */
export function lampFrom({ around, filter, job, found, planned }: RepackInput, now: string): string | null {
  const before = job.occasion === 'first pack' ? [] : found;
  const { kept } = repackedMedia(
    { tank: around.tank, filter, layers: planned, others: around.others, now },
    before,
    around.schools.rinseWater,
    filmKept(secondsOutOfFlow(job.outOfFlow, now)),
  );
  return uvFrom(filter, now, kept, now);
}

/**
 * What the steps of a repack hang on.
 *
 * @param now ISO moment
 * @param sayDay a day in the keeper’s words
 */
export function stepContext(
  input: RepackInput,
  now: string,
  sayDay: (moment: string) => string,
): StepContext {
  const { around, filter, job, found, planned, report } = input;
  const firstPack = job.occasion === 'first pack';
  const clock = clockState(job.outOfFlow);
  const lamp = lampFrom(input, now);
  return {
    filter,
    layers: planned,
    report,
    firstPack,
    isOpen:
      !isTicked(job.ticks, CLOSED) &&
      (isTicked(job.ticks, OPEN) || clock === 'running' || clock === 'parked'),
    hasMature: !firstPack && found.length > 0,
    unprepared: planProgramme(filter, planned, firstPack ? [] : found, job).filter(
      ({ doneAt }) => doneAt === null,
    ).length,
    replace: smallParts(filter, job.occasion)
      .filter(({ part }) => job.parts[part] === 'worn' || job.parts[part] === 'missing')
      .map(({ name }) => lowerFirst(name)),
    lampFrom: lamp === null ? null : sayDay(lamp),
    flowSubmerged: flowSubmerged(filter, planned, around.tank.temperature),
  };
}
