import type { Filter } from '@/core/filter/filter';
import type { Job } from '@/core/job/job';
import type { Layer } from '@/core/layers/layer';
import type { Stored } from '@/store/documentTable';
import type { Db } from '@/store/openDatabase';
import { filters } from '@/store/filters';
import { jobs } from '@/store/jobs';
import { packs } from '@/store/packs';
import { layersThatFit } from './layersThatFit';

/** Another filter that a pack is planned for. */
export interface OpenPlan {
  readonly filter: Filter;
  readonly job: Stored<Job>;
  readonly layers: readonly Layer[];
  /** What was in it; empty at a first pack. */
  readonly found: readonly Layer[];
}

/** The plans of all other filters that are planned or repacked now: their foam may be cut from the same sheets. */
export function openPlans(db: Db, exceptId: string): OpenPlan[] {
  const planned = jobs
    .readNewest(db)
    .read.filter(({ doc: { stage } }) => stage === 'plan' || stage === 'repack');
  return filters
    .read(db, 'ORDER BY rowid')
    .read.filter(({ doc }) => doc.id !== exceptId)
    .flatMap(({ doc }) => {
      const job = planned.find((open) => open.doc.filterId === doc.id);
      if (job === undefined) return [];
      const layersOf = (id: string): readonly Layer[] =>
        layersThatFit(doc, packs.read(db, 'WHERE id = ?', id).read[0]?.doc ?? null);
      const layers = layersOf(job.doc.plannedPackId);
      const found = job.doc.occasion === 'first pack' ? [] : layersOf(job.doc.asFoundPackId);
      return layers.length === 0 ? [] : [{ filter: doc, job, layers, found }];
    });
}
