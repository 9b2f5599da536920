'use client';
import type { Filter } from '@/core/filter/filter';
import type { Job } from '@/core/job/job';
import { emptyKey } from '@/core/job/reachedChambers';
import { isTicked, withTick } from '@/core/job/ticks';
import type { Layer } from '@/core/layers/layer';
import { chambersInPackingOrder } from '@/core/layers/packingOrder';
import { CheckList } from '../fields/CheckList';
import type { Autosave } from '../state/useAutosave';

interface Props {
  readonly filter: Filter;
  readonly layers: readonly Layer[];
  readonly job: Autosave<Job>;
}

/** Chambers that nothing came out of: they are judged once the keeper says that they are empty. */
export function EmptyChambers({ filter, layers, job }: Props) {
  const withoutLayers = chambersInPackingOrder(filter)
    .reverse()
    .filter(({ id }) => layers.every((layer) => layer.chamber !== id));
  if (withoutLayers.length === 0 || layers.length === 0) return null;
  const chosen = withoutLayers.map(({ id }) => id).filter((id) => isTicked(job.doc.ticks, emptyKey(id)));
  return (
    <CheckList<string>
      legend="Nothing was in it"
      items={withoutLayers.map(({ id, name }) => ({ value: id, label: name }))}
      chosen={chosen}
      onChange={(next) => {
        const at = new Date().toISOString();
        const changed = withoutLayers.filter(({ id }) => next.includes(id) !== chosen.includes(id));
        job.change((doc) => ({
          ...doc,
          ticks: changed.reduce<Job['ticks']>(
            (ticks, { id }) => withTick(ticks, { key: emptyKey(id), done: next.includes(id), at }),
            doc.ticks,
          ),
        }));
      }}
    />
  );
}
