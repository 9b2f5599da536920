'use client';
import { useEffect, useRef, useState } from 'react';
import { forecastInput } from '@/core/dirt/forecastInput';
import {
  ENSEMBLE_RUNS,
  ensembleRange,
  type EnsembleRange,
  type EnsembleRun,
} from '@/core/dirt/ensembleRange';
import type { Layer } from '@/core/layers/layer';
import type { Finalist } from '@/core/propose/evaluateFinalist';
import { findConflictingLimits, nearest, NOTHING_NEAR, type Contradiction } from '@/core/propose/limits';
import type { ProposeFault } from '@/core/propose/proposeFault';
import type { ProposeInput } from '@/core/propose/proposeInput';
import type { Considered } from '@/core/propose/search';
import { USUAL_EFFORT } from '@/core/propose/effort';
import { shortlist } from '@/core/propose/shortlist';
import { yieldToForeground } from '../state/standBack';
import { askWorker, WORKER_PLACES, type WorkerPlace } from '../time/forecastWorkers';
import { isSameAsk } from './isSameAsk';
import { askProposer, PROPOSE_PLACES, type ProposePlace } from './proposeWorkers';
import { sumOf } from '@/core/maths/sum';

/** Milliseconds without a change before a search begins, and between two times that its progress is shown. */
const PAUSE_MS = 250;
const SHOWN_EVERY = 300;
/** Runs of an ensemble that a worker does before it looks up. */
const AT_ONCE = 10;

/** A search for packs and what it has come to. */
export interface Proposals {
  readonly of: ProposeInput;
  /** Packs judged quickly, and forecast. */
  readonly tried: number;
  readonly forecast: number;
  /** How far the search is, 0–1. */
  readonly share: number;
  /** All packs there are were tried, and all that keep to the limits forecast. */
  readonly all: boolean;
  readonly considered: readonly Considered[];
  /** Packs worked out to the end; null while the search goes on. */
  readonly finalists: readonly Finalist[] | null;
  /** The plan as it is, worked out to the end; null: there is none, or it has not been. */
  readonly mine: Finalist | null;
  readonly fault: ProposeFault | null;
  readonly contradiction: Contradiction | null;
  readonly stage: 'searching' | 'working out' | 'done' | 'stopped' | 'failed';
}

const beginning = (of: ProposeInput): Proposals => ({
  of,
  tried: 0,
  forecast: 0,
  share: 0,
  all: false,
  considered: [],
  finalists: null,
  mine: null,
  fault: null,
  contradiction: null,
  stage: 'searching',
});

/**
 * Searches for packs whenever what is asked changes: two workers side by side, slice by slice, then the best worked out
 * to the end. The newest question wins; the last answer is shown again where the same is asked.
 *
 * @param ask the same object while it stays the same
 * @param wanted false stops the search; what it has come to stays
 */
export function useProposals(ask: ProposeInput, wanted: boolean): Proposals {
  const [state, setState] = useState<Proposals>(() => beginning(ask));
  const begun = useRef(false);
  useEffect(() => {
    if (!wanted) return undefined;
    let isNewest = true;
    const put = (next: (before: Proposals) => Partial<Proposals>): void => {
      if (isNewest)
        setState((before) => {
          const own = before.of === ask ? before : beginning(ask);
          return { ...own, ...next(own) };
        });
    };
    const begin = (): void => {
      if (lastAnswer !== null && isSameAsk(lastAnswer.of, ask)) {
        const answer = { ...lastAnswer, of: ask };
        put(() => answer);
      } else
        yieldToForeground(search(ask, put, () => isNewest).catch(() => put(() => ({ stage: 'failed' }))));
    };
    // The first is not waited for: the workers search while the page is painted.
    const timer = begun.current ? setTimeout(begin, PAUSE_MS) : undefined;
    if (!begun.current) begin();
    begun.current = true;
    return () => {
      isNewest = false;
      clearTimeout(timer);
    };
  }, [ask, wanted]);
  const own = state.of === ask ? state : beginning(ask);
  useEffect(() => {
    if (own.stage === 'done') lastAnswer = own;
  }, [own]);
  const isUnderWay = own.stage === 'searching' || own.stage === 'working out';
  return !wanted && isUnderWay ? { ...own, stage: 'stopped' } : own;
}

/** The last search that came to its end on this page: what the keeper comes back to from another plan. */
let lastAnswer: Proposals | null = null;

type Put = (next: (before: Proposals) => Partial<Proposals>) => void;

async function search(ask: ProposeInput, put: Put, isNewest: () => boolean): Promise<void> {
  put(() => beginning(ask));
  const considered: Considered[][] = PROPOSE_PLACES.map(() => []);
  const told = PROPOSE_PLACES.map(() => ({
    tried: 0,
    forecast: 0,
    share: 0,
    all: false,
    near: NOTHING_NEAR,
  }));
  let mine: Finalist | null = null;
  let shownAt = -Infinity;
  let isEmpty = true;
  const show = (): void => {
    shownAt = performance.now();
    isEmpty = considered.every((some) => some.length === 0);
    put(() => ({
      considered: considered.flat(),
      tried: sumOf(told, ({ tried }) => tried),
      forecast: sumOf(told, ({ forecast }) => forecast),
      share: sumOf(told, ({ share }) => share / told.length),
      all: told.every(({ all }) => all),
    }));
  };
  const searchIn = async (place: ProposePlace, index: number): Promise<void> => {
    const [fault, first] = await Promise.all([
      askProposer(place, (remote) => remote.begin(ask, USUAL_EFFORT, { index, of: PROPOSE_PLACES.length })),
      // In the same breath: the first packs come a turn of the page sooner.
      askProposer(place, (remote) => remote.next()),
    ]);
    if (fault !== null) {
      put(() => ({ fault, stage: 'done' }));
      return;
    }
    let slice = first;
    while (slice !== null && isNewest()) {
      considered[index]!.push(...slice.found);
      told[index] = slice;
      // The first packs are not waited for.
      const isFirst = isEmpty && slice.found.length > 0;
      if (isFirst || performance.now() - shownAt >= SHOWN_EVERY) show();
      // The plan as it is stands beside the first of them.
      if (index === 0 && mine === null && ask.mine.length > 0) {
        mine = await askProposer(place, (remote) => remote.finalist(ask, ask.mine));
        put(() => ({ mine }));
      }
      // A search that was begun meanwhile keeps all its slices.
      if (!isNewest()) return;
      slice = await askProposer(place, (remote) => remote.next());
    }
  };
  await Promise.all(PROPOSE_PLACES.map(searchIn));
  if (!isNewest()) return;
  show();
  const all = considered.flat();
  if (all.length === 0) {
    const near = told.map((slice) => slice.near).reduce(nearest);
    put(({ fault }) => ({
      stage: 'done',
      contradiction: fault === null ? findConflictingLimits(near) : null,
    }));
    return;
  }
  put(() => ({ stage: 'working out' }));
  const best = shortlist(ask, all, (mine as Finalist | null)?.figures ?? null);
  const finalists = new Array<Finalist | null>(best.length).fill(null);
  await inTurns(best.length, PROPOSE_PLACES, isNewest, async (place, index) => {
    const { layers, isUsual } = best[index]!;
    const finalist = await askProposer(place, (remote) => remote.finalist(ask, layers));
    // The layers themselves stay, by which a pack is known on the chart.
    finalists[index] = { ...finalist, layers, isUsual };
  });
  put(() => ({ stage: 'done', finalists: finalists.filter((finalist) => finalist !== null) }));
}

/** Does so many things, each place the next as soon as it is free. */
async function inTurns<Place>(
  count: number,
  places: readonly Place[],
  isWanted: () => boolean,
  act: (place: Place, index: number) => Promise<void>,
): Promise<void> {
  let next = 0;
  await Promise.all(
    places.map(async (place) => {
      while (isWanted() && next < count) {
        const index = next;
        next += 1;
        await act(place, index);
      }
    }),
  );
}

/** The likely ranges of the next service of some packs, worked out one pack after the other. */
export function useServiceRanges(
  ask: ProposeInput,
  packs: readonly Finalist[],
): ReadonlyMap<readonly Layer[], EnsembleRange> {
  const [ranges, setRanges] = useState<ReadonlyMap<readonly Layer[], EnsembleRange>>(new Map());
  const missing = packs.filter(({ layers, serviceBy }) => serviceBy !== null && !ranges.has(layers));
  const [first] = missing;
  useEffect(() => {
    if (first === undefined || first.serviceBy === null) return undefined;
    const { layers, serviceBy } = first;
    let isWanted = true;
    const input = forecastInput(ask.around, ask.filter, layers);
    const runs: EnsembleRun[] = [];
    const turns = Math.ceil(ENSEMBLE_RUNS / AT_ONCE);
    inTurns<WorkerPlace>(
      turns,
      WORKER_PLACES,
      () => isWanted,
      async (place, turn) => {
        runs.push(
          ...(await askWorker(place, (remote) => remote.runs(input, serviceBy, turn * AT_ONCE, AT_ONCE))),
        );
      },
    ).then(
      () => {
        const range = ensembleRange(runs);
        if (isWanted && range !== null) setRanges((before) => new Map(before).set(layers, range));
      },
      // Without its range a proposal says its likely day.
      () => undefined,
    );
    return () => {
      isWanted = false;
    };
  }, [first, ask]);
  return ranges;
}

/** A pack chosen from all that were considered, worked out to the end; null until it has been. */
export function useFinalist(ask: ProposeInput, layers: readonly Layer[] | null): Finalist | null {
  const [found, setFound] = useState<Finalist | null>(null);
  useEffect(() => {
    if (layers === null) return undefined;
    let isWanted = true;
    const timer = setTimeout(() => {
      askProposer('left', (remote) => remote.finalist(ask, layers)).then(
        (finalist) => isWanted && setFound({ ...finalist, layers }),
        () => undefined,
      );
    }, PAUSE_MS);
    return () => {
      isWanted = false;
      clearTimeout(timer);
    };
  }, [ask, layers]);
  return found !== null && found.layers === layers ? found : null;
}
