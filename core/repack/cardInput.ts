import type { Filter } from '../filter/filter';
import type { Job } from '../job/job';
import type { LogEntry } from '../job/logEntry';
import { filmKept, secondsOutOfFlow } from '../job/outOfFlowClock';
import type { Layer } from '../layers/layer';
import type { Surroundings } from '../report/evaluatePack';
import { repackedMedia } from '../report/tankBiology';
import { flowState } from '../service/flowState';
import { uvFrom } from '../settle/uvFrom';
import type { packCard } from './packCard';

/** What a finished repack says for its card: all but the year’s visits. */
export function cardInput({
  around,
  filter,
  job,
  found,
  layers,
  packedAt,
  log,
}: {
  readonly around: Surroundings;
  readonly filter: Filter;
  readonly job: Job;
  readonly found: readonly Layer[];
  readonly layers: readonly Layer[];
  /** ISO moment */
  readonly packedAt: string;
  readonly log: readonly LogEntry[];
}): Omit<Parameters<typeof packCard>[0], 'plan'> {
  const { kept } = repackedMedia(
    { tank: around.tank, filter, layers, others: around.others, now: packedAt },
    job.occasion === 'first pack' ? [] : found,
    around.schools.rinseWater,
    filmKept(secondsOutOfFlow(job.outOfFlow, packedAt)),
  );
  return {
    filter,
    tank: around.tank.name,
    layers,
    packedAt,
    clean: flowState(log).clean?.flow.mean ?? null,
    lampFrom: uvFrom(filter, packedAt, kept, around.now ?? packedAt),
    now: around.now ?? packedAt,
  };
}
