import type { Filter } from '../filter/filter';
import type { Job } from '../job/job';
import type { Layer } from '../layers/layer';
import { mediumOf } from '../layers/mediumOf';
import { placeLayers } from '../layers/placeLayers';
import { addedShares } from './addedShares';
import { newMedia, programme, type ProgrammeStep } from './programme';

/**
 * The programme of a plan: what is new in it is prepared, and cut where it comes from a sheet.
 *
 * @param found layers that were in the filter before
 */
export function planProgramme(
  filter: Filter,
  planned: readonly Layer[],
  found: readonly Layer[],
  job: Pick<Job, 'repackOn' | 'prepared'>,
): ProgrammeStep[] {
  const volumes = new Map(
    placeLayers(filter, planned).map(({ layer, measure }) => [layer.id, measure.volume]),
  );
  const added = addedShares(filter, planned, found);
  const cutting = planned.some(
    (layer) => (added.get(layer.id) ?? 0) > 0 && mediumOf(layer).supply === 'sheet',
  );
  return programme(
    newMedia(planned, added, (layerId) => volumes.get(layerId) ?? 0),
    cutting,
    job,
  );
}
