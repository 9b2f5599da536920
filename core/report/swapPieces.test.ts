import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import type { Swap } from '../filter/swap';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import { plainLayer } from '../layers/plainLayer';
import { newTank } from '../tank/newTank';
import type { Tank } from '../tank/tank';
import { formatSentence } from '../units/sentence';
import { canBeRetired, judgeSwap, proposeSwap, stagedSwap, swapPiece, withoutPieces } from './swapPieces';
import type { Successor } from '../filter/swap';
import { swapVerdict } from './swapVerdict';
import { layerSurfaces, tankBiology } from './tankBiology';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const tank: Tank = {
  ...newTank('t', 'Test', 0.2),
  temperature: 25,
  feed: { amount: { by: 'weight', perDay: 3e-3 }, protein: 0.4 },
};
const layers: Layer[] = [
  plainLayer('a', 'foam-30', 'tray-4', 0.02),
  plainLayer('b', 'porous-ceramic', 'tray-3', 0.08),
  plainLayer('z', 'zeolite', 'tray-2', 0.03),
  plainLayer('s', 'spacer', 'tray-2', 0.01),
];
const biology = tankBiology({ tank, filter, layers, others: [], now: null })!;
const piece = (id: string, successor: Successor) =>
  swapPiece(
    placeLayers(filter, layers).find(({ layer }) => layer.id === id)!,
    layerSurfaces(filter, layers, 25).find(({ layer }) => layer.id === id)!,
    successor,
    tank,
  );

describe('pieces of a swap', () => {
  it('come back with the surface of what takes their place', () => {
    expect(piece('b', 'same').newSurface).toBe(piece('b', 'same').surface);
    expect(piece('b', 'nothing').newSurface).toBe(0);
    expect(piece('b', { medium: 'foam-30' }).newSurface).toBeGreaterThan(piece('b', 'same').surface);
  });

  it('take ammonia only as zeolite that is not replaced', () => {
    expect(piece('z', 'nothing').zeolite?.capacity).toBeGreaterThan(0);
    expect(piece('z', 'same').zeolite).toBeNull();
    expect(piece('b', 'nothing').zeolite).toBeNull();
    // What is retired does not stay: neither its surface nor its bed.
    expect(withoutPieces(biology, [piece('z', 'nothing')]).zeolite).toBeNull();
    expect(withoutPieces(biology, [piece('z', 'same')]).zeolite).toEqual(biology.zeolite);
    expect(layers.filter(canBeRetired).map(({ id }) => id)).toEqual(['a', 'b', 'z']);
  });
});

describe('what a plan would do at once, in stages', () => {
  const pack = { tank, filter, layers, others: [], now: null };
  it('swaps the pieces that are in the pack for what was planned, and holds', () => {
    const swap = stagedSwap(pack, [
      { layerId: 'b', successor: 'same' },
      { layerId: 'not there', successor: 'same' },
    ]);
    expect(swap?.pieces).toEqual([piece('b', 'same')]);
    expect(judgeSwap(biology, swap!, 7).holds).toBe(true);
  });
  it('needs the food, and a piece', () => {
    expect(stagedSwap(pack, [{ layerId: 'not there', successor: 'same' }])).toBeNull();
    const unfed = {
      ...tank,
      plants: 'none' as const,
      feed: { amount: { by: 'weight' as const, perDay: 0 }, protein: 0.4 },
    };
    expect(stagedSwap({ ...pack, tank: unfed }, [{ layerId: 'b', successor: 'same' }])).toBeNull();
  });
});

describe('a swap in one line', () => {
  const swap = proposeSwap(biology, [piece('a', 'same'), piece('b', 'same')], 7);
  const said = (of: Swap, now = '2026-11-26T12:00:00Z'): string => {
    const { state, next } = swapVerdict(of, judgeSwap(biology, of, 7), now);
    return `${formatSentence(state)} ${formatSentence(next)}`;
  };
  it('says that a proposal holds, and that all at once does not', () => {
    expect(judgeSwap(biology, swap, 7).holds).toBe(true);
    expect(said(swap)).toMatch(/safe: ammonia and nitrite stay under 0.25 mg\/L.*Start the swap/);
    const once: Swap = {
      ...swap,
      stages: [{ day: 0, parts: swap.pieces.map(({ key }) => ({ key, share: 1 })), doneOn: null }],
    };
    expect(said(once)).toMatch(
      /Replacing everything at once is too fast: .* could rise to .*Leave more days between/,
    );
  });

  it('says when the next stage is due, and what is overdue', () => {
    const first = swap.stages[0]!;
    const running: Swap = {
      ...swap,
      begunOn: '2026-11-20',
      stages: [
        { ...first, doneOn: '2026-11-20' },
        { ...first, day: 10, doneOn: null },
      ],
    };
    expect(said(running)).toMatch(/Stage 2 is due in 4 days/);
    expect(said(running, '2026-11-30T08:00:00Z')).toMatch(/Stage 2 is due today/);
    expect(said(running, '2026-12-02T08:00:00Z')).toMatch(/was due 2 days ago. Late is safe/);
    const done = { ...running, stages: running.stages.map((stage) => ({ ...stage, doneOn: '2026-11-30' })) };
    expect(said(done)).toMatch(/All stages are done/);
  });

  it('says what is missing where nothing can be judged', () => {
    for (const none of ['no food', 'nothing chosen', 'no media'] as const)
      expect(formatSentence(swapVerdict(none, null, '2026-11-26T12:00:00Z').state).length).toBeGreaterThan(
        15,
      );
  });
});
