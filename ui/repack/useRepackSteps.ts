'use client';
import { useMemo, useState } from 'react';
import type { Filter } from '@/core/filter/filter';
import type { Job, PackedStep } from '@/core/job/job';
import type { Layer } from '@/core/layers/layer';
import type { Pack } from '@/core/pack/pack';
import type { RepackStep } from '@/core/repack/repackStep';
import { repackSteps } from '@/core/repack/repackSteps';
import { FOOT_STEP_KEY, stepContext } from '@/core/repack/stepContext';
import { asPlanned, withLayerIn, withLayerOut, withStepTicked } from '@/core/repack/stepEdits';
import { keyAt, placeAfter, stepPlace, type StepPlace } from '@/core/repack/stepPlace';
import { wentIn, type WentIn } from '@/core/repack/wentIn';
import { matureLeaves } from '@/core/report/matureLeaves';
import { packMeasures, type PackInput, type PackMeasures } from '@/core/report/packMeasures';
import { type Surroundings } from '@/core/report/surroundings';
import { useWords } from '../fields/UnitsProvider';
import type { Autosave } from '../state/useAutosave';

interface Input {
  readonly around: Surroundings;
  readonly filter: Autosave<Filter>;
  readonly job: Autosave<Job>;
  /** Layers as they came out, or in the box of a new filter. */
  readonly found: readonly Layer[];
  readonly planned: Pack;
  /** ISO moment at which the page was drawn. */
  readonly now: string;
}

/** The steps of a repack, where it stands in them, and what the hands do. */
export interface RepackSteps extends StepPlace {
  readonly steps: readonly RepackStep[];
  /** What the plan is judged by and what it measures, and the pack as it went in. */
  readonly input: PackInput;
  readonly measures: PackMeasures;
  readonly went: WentIn;
  readonly put: (step: PackedStep) => void;
  readonly takeOut: (layerId: string) => void;
  readonly setTick: (key: string, on: boolean) => void;
  readonly tick: (step: RepackStep, on: boolean) => void;
  /** Marks the current step done and goes on. */
  readonly goOn: () => void;
  readonly goTo: (place: number) => void;
  /** Goes to a step; null: to the first that is not done. */
  readonly choose: (key: string | null) => void;
}

const moment = (): string => new Date().toISOString();

/** The list of a repack as its filter, plan and ticks have it, and the edits of it, which are saved. */
export function useRepackSteps({ around, filter, job, found, planned, now }: Input): RepackSteps {
  const words = useWords();
  const [chosenKey, choose] = useState<string | null>(null);
  const { packed, parts, occasion } = job.doc;
  const { layers } = planned;
  // What lay in the box of a new filter was not in it.
  const wereIn = useMemo(() => (occasion === 'first pack' ? [] : found), [occasion, found]);
  const input = useMemo<PackInput>(
    () => ({ ...around, filter: filter.doc, layers, flow: null, found: wereIn, parts }),
    [around, filter.doc, layers, wereIn, parts],
  );
  const { measures, context } = useMemo(() => packMeasures(input), [input]);
  const steps = useMemo(
    () =>
      repackSteps(
        stepContext(
          {
            ...{ around, filter: filter.doc, job: job.doc, found, planned: layers, measures },
            matureLeaves: matureLeaves(context, layers),
          },
          now,
          (day) => words.date(day, { day: 'numeric', month: 'long' }),
        ),
      ),
    [around, filter.doc, job.doc, found, layers, measures, context, now, words],
  );
  const went = useMemo(() => wentIn(filter.doc, layers, packed), [filter.doc, layers, packed]);
  const place = stepPlace(steps, job.doc, chosenKey);

  const put = (step: PackedStep) => job.change((doc) => withLayerIn(doc, step));
  const takeOut = (layerId: string) => job.change((doc) => withLayerOut(doc, layerId, moment()));
  const setTick = (key: string, on: boolean) => {
    // The foot is in again: the water level and Measure go by it.
    if (key === FOOT_STEP_KEY) {
      const foot = on ? 'in' : 'missing';
      filter.change((doc) => (doc.spill === null ? doc : { ...doc, spill: { ...doc.spill, foot } }));
    }
    job.change((doc) => withStepTicked(doc, key, on, moment()));
  };
  const tick = (step: RepackStep, on: boolean) => {
    if (step.layerId === null) setTick(step.key, on);
    else if (!on) takeOut(step.layerId);
    else if (!place.isDone(step)) put(asPlanned(step.layerId, moment()));
  };
  const goOn = () => {
    const { current } = place;
    if (current === null) return;
    if (!place.isDone(current)) tick(current, true);
    choose(placeAfter(steps, place));
  };
  const goTo = (at: number) => choose(keyAt(steps, at));
  return { ...place, steps, input, measures, went, put, takeOut, setTick, tick, goOn, goTo, choose };
}
