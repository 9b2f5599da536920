import { describe, expect, it } from 'vitest';
import type { Finding } from '../findings/finding';
import { answersOf } from './answers';
import { DEFAULT_WEIGHTS } from './balance';
import type { Finalist } from './evaluateFinalist';
import { lossesOf, type Figures } from './objectives';

const FIGURES: Figures = {
  service: 60,
  fines: 1e-3,
  clearing: null,
  cover: 3,
  surface: 2,
  turnover: 5 / 3600,
  turnoverOff: 1,
  cost: 10,
  unpriced: 0,
  visits: 6,
  minutes: 180,
  change: 3,
};
const finding = (level: Finding['level']): Finding => ({
  rule: 'overfill',
  question: 'through',
  level,
  title: ['Water flows around the media.'],
  reason: [],
  layers: [],
  effect: 0.5,
});
const packOf = (change: Partial<Figures>, more: Partial<Finalist> = {}): Finalist => {
  const figures = { ...FIGURES, ...change };
  return {
    layers: [],
    figures,
    losses: lossesOf(figures),
    findings: [],
    change: { cut: [], filled: [], moved: [], away: [] },
    buys: [],
    bill: { known: 0, unpriced: 0 },
    serviceBy: null,
    canBeHad: true,
    isWellBuilt: true,
    matureLeaves: null,
    ...more,
  };
};
const LIMITS = {
  neverOverflows: false,
  leastTurnover: null,
  mostTurnover: null,
  mostVisits: 26,
  mostMinutes: null,
  mostMass: null,
};
const answers = (packs: readonly Finalist[], mine: Finalist | null) =>
  answersOf(packs, mine, LIMITS, DEFAULT_WEIGHTS);

describe('answersOf', () => {
  const long = packOf({ service: 150, fines: 6e-3 });
  const clear = packOf({ service: 20, fines: 0.2e-3 });
  const mine = packOf({ change: 0 });

  it('never offers what is worse than the plan in all that differs, and says so where nothing else was found', () => {
    const worse = packOf({ service: 50 });
    expect(answers([worse], null).proposals).toHaveLength(1);
    expect(answers([worse], mine)).toEqual({ proposals: [], plan: 'as good as any' });
    // The plan has something to check that the pack has not: figures are not all.
    expect(answers([worse], packOf({ change: 0 }, { findings: [finding('check')] })).proposals).toHaveLength(
      1,
    );
    // A difference that nobody sees is none.
    expect(answers([packOf({ service: 60.5 })], mine).plan).toBe('as good as any');
  });

  it('calls a pack the best overall only if keepers would build it', () => {
    const best = packOf({ service: 90, fines: 0.5e-3 }, { isWellBuilt: false });
    const overall = (packs: readonly Finalist[]) =>
      answers(packs, null).proposals.find(({ merits }) => merits.includes('all round'))?.pack;
    expect(overall([{ ...best, isWellBuilt: true }, long, clear])).toMatchObject({ figures: best.figures });
    expect([long, clear]).toContain(overall([best, long, clear]));
    expect(overall([best, { ...long, isWellBuilt: false }])).toBeUndefined();
  });

  it('says how the plan stands: beaten, the best all round, or one of them', () => {
    const better = packOf({ service: 90, fines: 0.5e-3 });
    const beaten = answers([better, long, clear], mine);
    expect(beaten.plan).toBe('beaten');
    expect(beaten.proposals.find(({ merits }) => merits.includes('better'))?.pack).toBe(better);
    const best = answers([long, clear], mine);
    expect(best.plan).toBe('best');
    expect(best.proposals.flatMap(({ merits }) => merits)).not.toContain('all round');
    expect(answers([packOf({ service: 120, fines: 1.1e-3, cost: 4 }), clear], mine).plan).toBe('one of them');
    expect(answers([long, clear], null).plan).toBeNull();
  });

  it('holds a plan that is urgent or misses a limit against nothing', () => {
    const worse = packOf({ service: 50 });
    const urgent = packOf({ change: 0 }, { findings: [finding('urgent')] });
    expect(answers([worse], urgent)).toMatchObject({ plan: 'urgent', proposals: [{ pack: worse }] });
    const often = packOf({ change: 0, visits: 40, minutes: 100 });
    expect(answers([worse], often)).toMatchObject({ plan: 'misses a limit', proposals: [{ pack: worse }] });
  });

  it('offers none that is urgent, cannot be had, misses a limit or has more to check than must be', () => {
    const packs = [
      packOf({ service: 150 }, { findings: [finding('urgent')] }),
      packOf({ service: 140 }, { canBeHad: false }),
      packOf({ service: 130, visits: 30 }),
      packOf({ service: 120 }, { findings: [finding('check')] }),
      long,
    ];
    expect(answers(packs, null).proposals.map(({ pack }) => pack)).toEqual([long]);
  });
});
