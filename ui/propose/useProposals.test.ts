// @vitest-environment happy-dom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import type { Layer } from '@/core/layers/layer';
import { plainLayer } from '@/core/layers/plainLayer';
import { defaultQuery } from '@/core/propose/defaultQuery';
import { judgePack } from '@/core/propose/judgePack';
import { NOTHING_NEAR } from '@/core/propose/limits';
import type { ProposeInput } from '@/core/propose/proposeInput';
import { provisional } from '@/core/propose/provisional';
import type { Considered, SearchSlice } from '@/core/propose/search';
import { lossesOf, type Figures } from '@/core/propose/objectives';
import { aloneOn } from '@/core/report/surroundings';
import { EMPTY_SHELF } from '@/core/shelf/shelf';
import { newTank } from '@/core/tank/newTank';
import type { ProposePlace } from './proposeWorkers';

/** Stands in for one of the two workers: what it is asked waits until the test lets it answer. */
class Hand {
  readonly slices: SearchSlice[] = [];
  fault: 'no chamber' | null = null;
  isBroken = false;
  readonly begin = vi.fn((_ask: ProposeInput) => Promise.resolve(this.fault));
  readonly next = vi.fn(() => Promise.resolve(this.slices.shift() ?? null));
  readonly finalist = vi.fn((ask: ProposeInput, layers: readonly Layer[]) =>
    Promise.resolve(provisional(ask, packOf(layers))),
  );
}
let hands: Record<ProposePlace, Hand>;

const packOf = (layers: readonly Layer[], change: Partial<Figures> = {}): Considered => {
  const own = { ...judgePack(askFor(), layers, 3), ...change };
  return { layers, figures: own, losses: lossesOf(own), isUsual: false };
};
const filter = presetFilter('internal-compartments', { id: 'f', tankId: 't' }, 'Test');
const layersNamed = (name: string): Layer[] => [plainLayer(name, 'foam-30', filter.chambers[0]!.id, 0.03)];
const askFor = (change: Partial<ProposeInput> = {}): ProposeInput => ({
  ...defaultQuery({
    around: aloneOn({
      ...newTank('t', 'Test', 0.05),
      feed: { amount: { by: 'weight', perDay: 1e-3 }, protein: 0.4 },
    }),
    filter,
    mine: [],
    today: [],
    shelf: EMPTY_SHELF,
  }),
  ...change,
});
const slice = (found: readonly Considered[], share = 0.5): SearchSlice => ({
  tried: 100,
  forecast: 4,
  share,
  all: share === 1,
  found,
  near: NOTHING_NEAR,
});

beforeEach(() => {
  vi.resetModules();
  vi.useFakeTimers();
  hands = { left: new Hand(), right: new Hand() };
  vi.doMock('./proposeWorkers', () => ({
    PROPOSE_PLACES: ['left', 'right'],
    askProposer: (place: ProposePlace, question: (remote: Hand) => Promise<unknown>) =>
      hands[place].isBroken ? Promise.reject(new Error('It broke.')) : question(hands[place]),
  }));
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.doUnmock('./proposeWorkers');
});

/** A hand whose next slice, or next few, come when the test gives them. */
function answeredByHand(hand: Hand, times = Infinity) {
  let waiting: { resolve: (of: SearchSlice | null) => void; reject: (reason: Error) => void } | null = null;
  const usual = hand.next.getMockImplementation()!;
  let asked = 0;
  hand.next.mockImplementation(() => {
    asked += 1;
    return asked > times
      ? usual()
      : new Promise((resolve, reject) => {
          waiting = { resolve, reject };
        });
  });
  return {
    answer: (of: SearchSlice | null) => waiting?.resolve(of),
    fail: () => waiting?.reject(new Error('It broke.')),
  };
}

/** Lets all that was asked be answered. */
const settle = (milliseconds = 1000) => act(() => vi.advanceTimersByTimeAsync(milliseconds));

async function searching(first: ProposeInput) {
  const { useProposals } = await import('./useProposals');
  return renderHook(({ ask, wanted }: { ask: ProposeInput; wanted: boolean }) => useProposals(ask, wanted), {
    initialProps: { ask: first, wanted: true },
  });
}

describe('useProposals', () => {
  it('gathers what both workers find, and works the best out to the end', async () => {
    const [long, clear] = [
      packOf(layersNamed('long'), { service: 150, fines: 5e-3 }),
      packOf(layersNamed('clear'), { service: 20, fines: 0.2e-3 }),
    ];
    hands.left.slices.push(slice([long]), slice([], 1));
    hands.right.slices.push(slice([clear]), slice([], 1));
    const { result } = await searching(askFor());
    await settle();
    expect(result.current).toMatchObject({
      stage: 'done',
      tried: 200,
      forecast: 8,
      share: 1,
      all: true,
      fault: null,
    });
    expect(result.current.considered).toEqual([long, clear]);
    expect(new Set(result.current.finalists?.map(({ layers }) => layers))).toEqual(
      new Set([long.layers, clear.layers]),
    );
    expect(hands.left.begin.mock.calls[0]?.slice(2)).toEqual([{ index: 0, of: 2 }]);
    expect(hands.right.begin.mock.calls[0]?.slice(2)).toEqual([{ index: 1, of: 2 }]);
  });

  it('asks both workers at once for their first packs, and holds long work back until the search is over', async () => {
    const next = answeredByHand(hands.left);
    const { result } = await searching(askFor());
    // No clock has moved, and nothing was answered.
    for (const { begin, next } of Object.values(hands)) {
      expect(begin).toHaveBeenCalledOnce();
      expect(next).toHaveBeenCalledOnce();
    }
    const { whenForegroundIdle: whenNotWaitedFor } = await import('../state/standBack');
    const wentOn = vi.fn();
    void whenNotWaitedFor().then(wentOn);
    await settle();
    expect(wentOn).not.toHaveBeenCalled();
    next.answer(null);
    await settle();
    expect(result.current.stage).toBe('done');
    expect(wentOn).toHaveBeenCalledOnce();
  });

  it('shows the first packs as soon as there are any, though it has just shown that there are none', async () => {
    const first = packOf(layersNamed('first'));
    const next = answeredByHand(hands.left);
    const { result } = await searching(askFor());
    await settle(1);
    next.answer(slice([], 0.1));
    await settle(1);
    expect(result.current).toMatchObject({ stage: 'searching', considered: [], share: 0.05 });
    next.answer(slice([first], 0.2));
    await settle(1);
    expect(result.current).toMatchObject({ stage: 'searching', considered: [first], share: 0.1 });
    next.answer(null);
    await settle();
    expect(result.current.stage).toBe('done');
  });

  it('lets the newest question win', async () => {
    const stale = packOf(layersNamed('stale'));
    const fresh = packOf(layersNamed('fresh'));
    const [left, right] = [answeredByHand(hands.left, 1), answeredByHand(hands.right, 1)];
    const { result, rerender } = await searching(askFor());
    await settle();
    const newer = askFor({ budget: 20 });
    rerender({ ask: newer, wanted: true });
    hands.left.slices.push(slice([fresh]));
    await settle();
    const asked = hands.left.next.mock.calls.length;
    left.answer(slice([stale]));
    right.fail();
    await settle();
    expect(result.current).toMatchObject({ of: newer, stage: 'done', considered: [fresh] });
    // What was begun before takes nothing from what was begun after it.
    expect(hands.left.next).toHaveBeenCalledTimes(asked);
    // Changes that come together are one question.
    expect(hands.left.begin).toHaveBeenCalledTimes(2);
    rerender({ ask: askFor({ budget: 21 }), wanted: true });
    rerender({ ask: askFor({ budget: 22 }), wanted: true });
    await settle();
    expect(hands.left.begin).toHaveBeenCalledTimes(3);
    expect(hands.left.begin.mock.lastCall?.[0].budget).toBe(22);
  });

  it('asks for no packs of a newer search when the plan has been worked out for an older one', async () => {
    let workedOut = (): void => undefined;
    hands.left.finalist.mockImplementationOnce((ask, layers) => {
      const late = provisional(ask, packOf(layers));
      return new Promise((resolve) => {
        workedOut = () => resolve(late);
      });
    });
    hands.left.slices.push(slice([packOf(layersNamed('older'))]));
    const mine = layersNamed('mine');
    const { result, rerender } = await searching(askFor({ mine }));
    await settle();
    expect(result.current).toMatchObject({ stage: 'searching', mine: null });
    rerender({ ask: askFor({ mine, budget: 20 }), wanted: true });
    await settle();
    const asked = hands.left.next.mock.calls.length;
    workedOut();
    await settle();
    expect(hands.left.next).toHaveBeenCalledTimes(asked);
  });

  it('stops with what it has, and searches anew when it is asked again', async () => {
    const found = packOf(layersNamed('found'));
    hands.left.slices.push(slice([found]));
    const answer = hands.left.next.getMockImplementation()!;
    hands.left.next.mockImplementation(() =>
      hands.left.slices.length > 0 ? answer() : new Promise(() => undefined),
    );
    const ask = askFor();
    const { result, rerender } = await searching(ask);
    await settle();
    rerender({ ask, wanted: false });
    expect(result.current).toMatchObject({ stage: 'stopped', considered: [found] });
    rerender({ ask, wanted: true });
    await settle();
    expect(hands.left.begin).toHaveBeenCalledTimes(2);
  });

  it('shows the last answer at once where the same is asked again', async () => {
    hands.left.slices.push(slice([packOf(layersNamed('found'))]));
    const { result, unmount } = await searching(askFor());
    await settle();
    const { considered } = result.current;
    unmount();
    const { useProposals } = await import('./useProposals');
    const again = renderHook(() => useProposals(LIKE, true));
    await settle();
    expect(again.result.current).toMatchObject({ stage: 'done', considered });
    expect(hands.left.begin).toHaveBeenCalledTimes(1);
  });
  const LIKE = askFor();

  it('says what is wrong: nothing to search in, limits that no pack keeps to, a worker that breaks', async () => {
    hands.left.fault = 'no chamber';
    hands.right.fault = 'no chamber';
    const { result, rerender } = await searching(askFor());
    await settle();
    expect(result.current).toMatchObject({ stage: 'done', fault: 'no chamber', contradiction: null });

    for (const hand of Object.values(hands)) {
      hand.fault = null;
      hand.slices.push({
        ...slice([]),
        near: {
          alone: NOTHING_NEAR.alone.map((_, index) => (index === 4 ? 3 : 0)),
          beside: NOTHING_NEAR.beside.map((row) => row.map((_, index) => (index === 4 ? 3 : 0))),
          ever: NOTHING_NEAR.ever.map((_, index) => index === 4),
          spilled: false,
        },
      });
    }
    rerender({ ask: askFor({ seed: 2 }), wanted: true });
    await settle();
    expect(result.current).toMatchObject({ stage: 'done', fault: null, finalists: null });
    expect(result.current.contradiction).not.toBeNull();

    hands.right.isBroken = true;
    rerender({ ask: askFor({ seed: 3 }), wanted: true });
    await settle();
    expect(result.current.stage).toBe('failed');
  });

  it('works the plan out beside the first packs, once', async () => {
    const mine = layersNamed('mine');
    hands.left.slices.push(slice([packOf(layersNamed('a'))]), slice([packOf(layersNamed('b'))]));
    const { result } = await searching(askFor({ mine }));
    await settle();
    expect(result.current.mine?.layers).toBe(mine);
    expect(hands.left.finalist.mock.calls.filter(([, layers]) => layers === mine)).toHaveLength(1);
  });
});
