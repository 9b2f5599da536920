import type { Filter } from '../filter/filter';
import type { Job } from '../job/job';
import { filmSurvival, secondsOutOfFlow } from '../job/outOfFlowClock';
import type { Layer } from '../layers/layer';
import type { Surroundings } from '../report/surroundings';
import { repackedMedia } from '../report/tankBiology';
import { uvOnDate } from '../water-tests/uvOnDate';

/** What a repack leaves of the film, which a lamp would kill. */
export interface RepackedPack {
  readonly around: Surroundings;
  readonly filter: Filter;
  readonly job: Job;
  /** Layers as they came out; in the box, at a first pack. */
  readonly found: readonly Layer[];
  readonly planned: readonly Layer[];
}

/**
 * The moment from which a UV lamp may be lit, ISO; null: there is none, or it may be lit.
 *
 * @param packedAt ISO moment of the repack
 * @param now ISO moment
 */
export function formatUvOnDate(
  { around, filter, job, found, planned }: RepackedPack,
  packedAt: string,
  now: string,
): string | null {
  const { kept } = repackedMedia(
    { tank: around.tank, filter, layers: planned, others: around.others, now: packedAt },
    job.occasion === 'first pack' ? [] : found,
    around.schools.rinseWater,
    filmSurvival(secondsOutOfFlow(job.outOfFlow, packedAt)),
  );
  return uvOnDate(filter, packedAt, kept, now);
}
