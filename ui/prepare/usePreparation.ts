'use client';
import { useMemo, useState } from 'react';
import { afterCutting, cutChanges, cutRecord } from '@/core/cut/afterCutting';
import { piecesToCut } from '@/core/cut/piecesToCut';
import type { Filter } from '@/core/filter/filter';
import type { Job } from '@/core/job/job';
import { withTick } from '@/core/job/ticks';
import type { Layer } from '@/core/layers/layer';
import type { Pack } from '@/core/pack/pack';
import { afterFilling, FILLED_KEY, isTakenToFill } from '@/core/prepare/afterFilling';
import { prepareRepack } from '@/core/prepare/prepareRepack';
import { withPrepared } from '@/core/prepare/withPrepared';
import type { Shelf } from '@/core/shelf/shelf';
import type { OpenPlan } from '@/server/openPlans';
import type { Autosave } from '../state/useAutosave';
import { useUndo } from '../state/useUndo';
import { useCutsAlong, type CutsAlong } from './useCutsAlong';

type Step = {
  readonly items: Shelf['items'];
  readonly layers: Pack['layers'];
  /** What was cut for the repacks of other filters, by their ids. */
  readonly cutAlong: CutsAlong;
} & Pick<Job, 'cut' | 'prepared' | 'repackOn'>;

interface Input {
  readonly filter: Filter;
  readonly job: Autosave<Job>;
  readonly shelf: Autosave<Shelf>;
  readonly plan: Autosave<Pack>;
  /** Layers that were in the filter; empty at a first pack. */
  readonly found: readonly Layer[];
  readonly others: readonly OpenPlan[];
}

const moment = (): string => new Date().toISOString();

/** What is got ready for a repack, on shelf, plan and job at once: each edit is saved in all three and undone in all three. */
export function usePreparation({ filter, job, shelf, plan, found, others }: Input) {
  const { layers: planned } = plan.doc;
  const { cut, prepared, repackOn } = job.doc;
  const along = useCutsAlong(others);
  const undo = useUndo<Step>();
  const [taken, setTaken] = useState<readonly string[]>([]);

  const present = (): Step => ({
    items: shelf.doc.items,
    layers: planned,
    cutAlong: along.cuts,
    ...{ cut, prepared, repackOn },
  });
  const put = ({ items, layers, cutAlong, ...work }: Step) => {
    along.put(cutAlong);
    if (layers !== planned) plan.change((doc) => ({ ...doc, layers }));
    if (items !== shelf.doc.items) shelf.change((doc) => ({ ...doc, items }));
    job.change((doc) => ({ ...doc, ...work }));
  };
  const change = (next: Partial<Step>) => {
    undo.remember(present());
    put({ ...present(), ...next });
  };
  const step = (to: 'undo' | 'redo') => () => {
    const past = undo[to](present());
    if (past !== null) put(past);
  };

  // Other filters with a plan for which something must be cut.
  const besides = useMemo(
    () =>
      others
        .map((other) => {
          const jobId = other.job.doc.id;
          const record = along.cuts[jobId] ?? null;
          const { anew } = piecesToCut(other.filter, other.layers, other.found, shelf.doc, record);
          return { filter: other.filter, jobId, anew, pieces: cutChanges(record, anew).missing };
        })
        .filter(({ pieces }) => pieces.length > 0),
    [others, shelf.doc, along.cuts],
  );
  const alongside = besides.filter((other) => taken.includes(other.filter.id));
  const prepares = useMemo(
    () =>
      prepareRepack(
        { filter, planned, found, job: job.doc },
        shelf.doc,
        besides.flatMap((other) => (taken.includes(other.filter.id) ? other.pieces : [])),
      ),
    [filter, planned, found, job.doc, shelf.doc, besides, taken],
  );
  const { groups, pieces, needs } = prepares;
  return {
    ...prepares,
    besides: besides.map((other) => ({
      id: other.filter.id,
      name: other.filter.name,
      taken: taken.includes(other.filter.id),
    })),
    editing: { undo: step('undo'), redo: step('redo'), canUndo: undo.canUndo, canRedo: undo.canRedo },
    /** Cuts for another filter from the same sheets, or not. */
    takeAlong: (id: string, on: boolean): void =>
      setTaken(on ? [...taken, id] : taken.filter((known) => known !== id)),
    /** Everything is cut: the shelf loses its sheets and gains the off-cuts. */
    setCut: (): void => {
      const at = moment();
      change({
        items: afterCutting(shelf.doc, groups, () => `offcut-${crypto.randomUUID()}`).items,
        cut: cutRecord(pieces.anew, at),
        cutAlong: {
          ...along.cuts,
          ...Object.fromEntries(alongside.map(({ jobId, anew }) => [jobId, cutRecord(anew, at)])),
        },
      });
    },
    /** What is filled is taken off the shelf; null: nothing on it is. */
    setFilled: needs.some(isTakenToFill)
      ? (): void =>
          change({
            items: afterFilling(shelf.doc, needs).items,
            prepared: withPrepared(prepared, FILLED_KEY, true, moment()),
          })
      : null,
    setPrepared: (key: string, done: boolean): void =>
      change({ prepared: withPrepared(prepared, key, done, moment()) }),
    setDay: (day: string | null): void => change({ repackOn: day }),
    addLayers: (more: readonly Layer[]): void => change({ layers: [...planned, ...more] }),
    /** Not undone: what was acknowledged was acknowledged. */
    acknowledge: (key: string, done: boolean): void =>
      job.change((doc) => ({ ...doc, ticks: withTick(doc.ticks, { key, done, at: moment() }) })),
  };
}
