import { isTicked } from '../job/ticks';
import type { Job } from '../job/job';
import type { RepackStep } from './repackStep';

/** The place after the last step, where the repack is finished. */
export const END_PLACE = 'end';

/** Where a repack stands in its list. */
export interface StepPlace {
  /** The step that is shown; null: the end. */
  readonly current: RepackStep | null;
  /** Its place in the list, from 0; as many as there are steps at the end. */
  readonly at: number;
  readonly done: number;
  readonly layers: number;
  readonly layersIn: number;
  readonly isDone: (step: RepackStep) => boolean;
}

/** True once a step is done: ticked, or its layer is in. */
const isStepDone = ({ ticks, packed }: Pick<Job, 'ticks' | 'packed'>, step: RepackStep): boolean =>
  step.layerId === null ? isTicked(ticks, step.key) : packed.some(({ layerId }) => layerId === step.layerId);

/**
 * Where a repack stands: at the step that was chosen, else at the first that is not done.
 *
 * @param chosenKey of the step that was chosen; {@link END_PLACE}; null: none
 */
export function stepPlace(
  steps: readonly RepackStep[],
  job: Pick<Job, 'ticks' | 'packed'>,
  chosenKey: string | null,
): StepPlace {
  const isDone = (step: RepackStep): boolean => isStepDone(job, step);
  const next = steps.find((step) => !isDone(step)) ?? null;
  const current = chosenKey === END_PLACE ? null : (steps.find(({ key }) => key === chosenKey) ?? next);
  const layers = steps.filter(({ layerId }) => layerId !== null);
  return {
    current,
    at: current === null ? steps.length : steps.indexOf(current),
    done: steps.filter(isDone).length,
    layers: layers.length,
    layersIn: layers.filter(isDone).length,
    isDone,
  };
}

/** Where the hands go on once the current step is done: the next that is not, else the first that is not, else the end. */
export function placeAfter(steps: readonly RepackStep[], { current, at, isDone }: StepPlace): string {
  const left = steps.filter((step) => step !== current && !isDone(step));
  return (left.find((step) => steps.indexOf(step) > at) ?? left[0])?.key ?? END_PLACE;
}

/** The key of the step at a place; the end past the last, the first before it. */
export const keyAt = (steps: readonly RepackStep[], place: number): string =>
  steps[Math.max(0, place)]?.key ?? END_PLACE;
