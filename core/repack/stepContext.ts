import { clockState } from '../job/outOfFlowClock';
import { faultyParts } from '../filter/smallParts';
import { isTicked } from '../job/ticks';
import { planProgramme } from '../prepare/planProgramme';
import type { Finding } from '../findings/finding';
import type { PackMeasures } from '../report/packMeasures';
import { describeNewTank } from '../report/newTankCourse';
import { lowerFirst } from '../units/firstLetter';
import { formatUvOnDate, type RepackedPack } from './formatUvOnDate';
import { flowSubmerged } from './repackSteps';
import type { StepContext } from './repackStep';

/** What a repack is made from. */
export interface RepackInput extends RepackedPack {
  /** Of the plan. */
  readonly measures: PackMeasures;
  /** What is found of mature media that leaves at once; null: enough stays. */
  readonly matureLeaves: Finding | null;
}

/** Keys of the two ways a repack begins: what was acknowledged decides, whatever the clock does afterwards. */
const PLUG_OUT_KEY = 'stop/plug out';
const PLUG_STAYS_OUT_KEY = 'stop/plug stays out';
/** The step that fits a levelling foot that was missing. */
export const FOOT_STEP_KEY = 'body/foot';

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
  const { around, filter, job, found, planned, measures, matureLeaves } = input;
  const firstPack = job.occasion === 'first pack';
  const clock = clockState(job.outOfFlow);
  const lamp = formatUvOnDate(input, now, now);
  return {
    filter,
    layers: planned,
    measures,
    firstPack,
    isOpen:
      !isTicked(job.ticks, PLUG_OUT_KEY) &&
      (isTicked(job.ticks, PLUG_STAYS_OUT_KEY) || clock === 'running' || clock === 'parked'),
    hasMature: !firstPack && found.length > 0,
    matureLeaves,
    newTank: firstPack
      ? describeNewTank({ tank: around.tank, filter, layers: planned, others: around.others, now })
      : null,
    unprepared: planProgramme(filter, planned, firstPack ? [] : found, job).filter(
      ({ doneAt }) => doneAt === null,
    ).length,
    replace: faultyParts(filter, job.parts)
      .filter(({ part }) => part !== 'levelling foot')
      .map(({ name }) => lowerFirst(name)),
    // Once it is in, its step stays to be seen and undone.
    footMissing: filter.spill?.foot === 'missing' || isTicked(job.ticks, FOOT_STEP_KEY),
    lampFrom: lamp === null ? null : sayDay(lamp),
    flowSubmerged: flowSubmerged(filter, planned, around.tank.temperature),
  };
}
