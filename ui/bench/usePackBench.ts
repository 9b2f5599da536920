'use client';
import { useMemo, useState } from 'react';
import type { Filter } from '@/core/filter/filter';
import type { Job } from '@/core/job/job';
import { cleanFlow } from '@/core/hydraulics/cleanFlowFit';
import { reachedChambers, type Reached } from '@/core/job/reachedChambers';
import type { LogEntry } from '@/core/log/logEntry';
import { type Surroundings } from '@/core/report/surroundings';
import { evaluatePack, type PackReport } from '@/core/report/evaluatePack';
import type { PackInput } from '@/core/report/packMeasures';
import type { Layer } from '@/core/layers/layer';
import type { OwnMedium } from '@/core/media/ownMediumSchema';
import type { Pack } from '@/core/pack/pack';
import { ownMediaOf, withOwnMedium } from '@/core/pack/withOwnMedium';
import type { Settings } from '@/core/settings/settings';
import { flowState, type FlowState } from '@/core/service/flowState';
import type { Stored } from '@/store/documentTable';
import { useAutosave, type Autosave } from '../state/useAutosave';
import { usePackEditing, type PackEditing } from '../state/usePackEditing';

/** Of the part of a sheet that draws the pack. */
export const DRAWING_ID = 'pack-drawing';

export interface BenchSource {
  readonly around: Surroundings;
  readonly settings: Stored<Settings>;
  /** Media of the keeper’s own in the packs that are stored. */
  readonly ownMedia: readonly OwnMedium[];
  readonly filter: Filter;
  readonly job: Stored<Job>;
  readonly pack: Stored<Pack>;
  /** What was in the filter when its flow was measured; null: unknown; left out: the pack itself. */
  readonly packThen?: Pack | null;
  readonly log: readonly LogEntry[];
  /** The filter is being stripped: only chambers that were reached are judged. */
  readonly stripping?: boolean;
}

/** A pack on its bench, with what everything beside it needs. */
export interface PackBench {
  readonly editing: PackEditing;
  readonly job: Autosave<Job>;
  readonly settings: Autosave<Settings>;
  readonly input: PackInput;
  /** The layers that were in when the flow was measured, with what is known of own media now. */
  readonly layersThen: readonly Layer[];
  readonly report: PackReport;
  /** Chambers of which all is known while the filter is stripped; null: all of them. */
  readonly reached: Reached | null;
  readonly flow: FlowState;
  /** Media of the keeper’s own, with what this pack says of them. */
  readonly ownMedia: readonly OwnMedium[];
  readonly selectedId: string | null;
  readonly select: (layerId: string | null) => void;
  /** Chooses the layer that a finding is about and brings the drawing into sight, where it is not. */
  readonly jump: (layerId: string | null) => void;
  /** Saves the pack and the job; true when both are stored. */
  readonly flush: () => Promise<boolean>;
}

/** Opens a pack of a job for editing: every change is evaluated at once and saves itself. */
export function usePackBench(source: BenchSource): PackBench {
  const { around, filter, job: storedJob, pack, log } = source;
  const editing = usePackEditing(filter, pack);
  const job = useAutosave('job', storedJob);
  const settings = useAutosave('settings', source.settings);
  const { schools } = settings.doc;
  const [selectedId, select] = useState<string | null>(null);
  const flow = useMemo(() => flowState(log), [log]);
  // What was timed last was timed with the pack as found; a plan has no flow yet.
  const measured = pack.doc.role !== 'as found' ? null : (flow.readings.at(-1)?.flow.mean ?? null);
  const ownMedia = useMemo(() => {
    const here = ownMediaOf(editing.layers);
    return [...source.ownMedia.filter(({ id }) => here.every((own) => own.id !== id)), ...here];
  }, [source.ownMedia, editing.layers]);
  const then = source.packThen?.layers ?? editing.layers;
  const layersThen = useMemo(() => ownMedia.reduce<readonly Layer[]>(withOwnMedium, then), [ownMedia, then]);
  // The flow of an unknown pack says nothing of the pump.
  const cleanMean = source.packThen === null ? null : (flow.clean?.flow.mean ?? null);
  const { temperature } = around.tank;
  const timedClean = useMemo(
    () => cleanFlow(filter, layersThen, temperature, cleanMean),
    [filter, layersThen, temperature, cleanMean],
  );
  // A plan is made from what is in the filter; in unknown media, and in new ones, no bacteria live.
  const nothingLives = source.packThen === null || storedJob.doc.occasion === 'first pack';
  const found = useMemo(
    () => (pack.doc.role === 'as found' ? null : nothingLives ? [] : layersThen),
    [pack.doc.role, nothingLives, layersThen],
  );
  const { ticks, parts } = job.doc;
  const { stripping = false } = source;
  const reached = useMemo(
    () => (stripping ? reachedChambers(filter, editing.layers, ticks) : null),
    [stripping, filter, editing.layers, ticks],
  );
  const input = useMemo<PackInput>(
    () => ({
      ...around,
      schools,
      filter,
      layers: editing.layers,
      flow: measured,
      cleanFlow: timedClean,
      found,
      reached: reached?.known ?? null,
      parts,
    }),
    [around, schools, filter, editing.layers, measured, timedClean, found, reached, parts],
  );
  const report = useMemo(() => evaluatePack(input), [input]);
  const jump = (layerId: string | null) => {
    select(layerId);
    const drawing = document.getElementById(DRAWING_ID);
    const top = drawing?.getBoundingClientRect().top ?? 0;
    if (layerId !== null && (top < 0 || top > window.innerHeight / 2)) drawing?.scrollIntoView();
  };
  const flush = async () => (await editing.save.flush()) && (await job.flush()) && (await settings.flush());
  return {
    editing,
    job,
    settings,
    input,
    report,
    reached,
    flow,
    ownMedia,
    layersThen,
    selectedId,
    select,
    jump,
    flush,
  };
}
