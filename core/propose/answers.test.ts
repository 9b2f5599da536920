import { describe, expect, it } from 'vitest';
import type { Finding } from '../findings/finding';
import { answersOf } from './answers';
import { DEFAULT_WEIGHTS } from './balance';
import type { Finalist } from './evaluateFinalist';
import { lossesOf, type Figures } from './objectives';

const FIGURES: Figures = {
  service: 60,
  fines: 1e-3,
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
    isUsual: false,
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

  it('offers what keepers would build though another beats it in figures alone, and prefers it where figures are alike', () => {
    const beats = packOf({ service: 90, fines: 0.5e-3 }, { isWellBuilt: false });
    const built = packOf({ service: 80, fines: 0.6e-3 });
    const [first] = answers([beats, built, { ...clear, isWellBuilt: false }], null).proposals;
    expect(first).toMatchObject({ pack: built });
    expect(first!.merits).toContain('all round');
    const longToo = packOf({ service: 151, fines: 7e-3 }, { isWellBuilt: false });
    const longest = answers([longToo, long, clear], null).proposals.find(({ merits }) =>
      merits.includes('service'),
    );
    expect(longest?.pack).toBe(long);
  });

  it('finds the longest between services among those that stay closed for half a year and more', () => {
    const [year, half] = [packOf({ service: 360, fines: 3e-3 }), packOf({ service: 190, fines: 3e-3 })];
    const longest = answers([half, year, clear], null).proposals.find(({ merits }) =>
      merits.includes('service'),
    );
    expect(longest?.pack).toBe(year);
  });

  it('asks for no more minutes a year than the plan and a usual pack together, but for what is the best in one wish', () => {
    const work = packOf({ service: 100, fines: 0.6e-3, minutes: 300 });
    const usual = packOf({ service: 30, fines: 4e-3, cover: 2.5, minutes: 200 }, { isUsual: true });
    const named = (packs: readonly Finalist[], own: Finalist | null) =>
      answers(packs, own).proposals.flatMap(({ pack, merits }) => (pack === work ? merits : []));
    expect(named([work, clear, long], null)).toContain('all round');
    expect(named([work, clear, long, usual], null)).not.toContain('all round');
    expect(
      named([work, clear, long, usual], packOf({ change: 0, minutes: 120, service: 20, fines: 8e-3 })),
    ).toContain('all round');
    // What more work buys is what it is named for.
    expect(named([{ ...work, ...packOf({ service: 170, minutes: 300 }) }, clear, usual], null)).toEqual([]);
    const cover = packOf({ cover: 9, minutes: 300 });
    const most = answers([cover, clear, usual], null).proposals.find(({ pack }) => pack === cover);
    expect(most?.merits).toContain('cover');
    expect(most?.merits).not.toContain('all round');
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
