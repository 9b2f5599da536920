import { startClock, stopClock } from '../job/outOfFlowClock';
import type { Job, PackedStep } from '../job/job';
import { layerKey, tickOf, withTick } from '../job/ticks';

/** Steps with which the mature media leave the flow and come back to it. */
const OUT_OF_FLOW_KEY = 'open/keep wet';
const BACK_IN_FLOW_KEY = 'start/power on';

/** The job once a layer has gone in, as it went in. */
export const withLayerIn = (job: Job, step: PackedStep): Job => ({
  ...job,
  packed: [...job.packed.filter(({ layerId }) => layerId !== step.layerId), step],
  ticks: withTick(job.ticks, { key: layerKey(step.layerId), done: true, at: step.at }),
});

/** A layer that went in as planned. */
export const asPlanned = (layerId: string, at: string): PackedStep => ({
  layerId,
  at,
  thickness: null,
  mass: null,
  note: '',
});

/** The job once a layer has come out again. */
export const withLayerOut = (job: Job, layerId: string, at: string): Job => ({
  ...job,
  packed: job.packed.filter((step) => step.layerId !== layerId),
  ticks: withTick(job.ticks, { key: layerKey(layerId), done: false, at }),
});

/** The job once a step is ticked or unticked; the clock of the mature media follows the hands. */
export function withStepTicked(job: Job, key: string, on: boolean, at: string): Job {
  const ticked = { ...job, ticks: withTick(job.ticks, { key, done: on, at }) };
  if (on && key === OUT_OF_FLOW_KEY) return { ...ticked, outOfFlow: startClock(job.outOfFlow, at) };
  if (on && key === BACK_IN_FLOW_KEY) return { ...ticked, outOfFlow: stopClock(job.outOfFlow, at, '') };
  return ticked;
}

/** The key under which the timer of a step is kept. */
export const timerKey = (key: string): string => `timer/${key}`;

/** When the timer of a step was started; null: it does not run. */
export function timerStartedAt(ticks: Job['ticks'], key: string): string | null {
  const tick = tickOf(ticks, timerKey(key));
  return tick?.done === true ? tick.at : null;
}
