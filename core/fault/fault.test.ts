import { describe, expect, it } from 'vitest';
import { FilterKindSchema } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import { seededRandom } from '../maths/seededRandom';
import { faultState, MIN_LIKELIHOOD, likelihoods, pairLikelihoods, type Answer } from './faultFinder';
import { faultTable, openingMinutes, symptomsOf } from './faultTables';
import type { Symptom } from '../log/symptom';
import type { Check, FaultContext, FaultTable } from './faultTable';

const contextOf = (
  kind: Parameters<typeof presetFilter>[0],
  change: Partial<FaultContext> = {},
): FaultContext => ({
  filter: { ...presetFilter(kind, { id: 'f', tankId: 't' }, 'Test'), equipment: ['taps'] },
  sincePacked: 60,
  serviceDay: 60,
  hasFoam: true,
  hasFloss: true,
  leastCover: 1,
  overfill: 0,
  ...change,
});
const first = (symptom: Symptom, context: FaultContext) =>
  faultState(faultTable(symptom, context), [], openingMinutes(context));

// What a practitioner looks at first (common practice, no source): the last column of the trade’s fault table.
describe('the first check', () => {
  it.each([
    ['weak flow', 'canister-centre-pipe', 'sponge off'],
    ['weak flow', 'internal-sponge', 'sponge off'],
    ['water on the floor', 'hang-on-back-basket', /level high|tissue|leans/],
    ['water on the floor', 'canister-down-flow', 'tissue'],
    ['level at the rim', 'hang-on-back-basket', /above stop|foot there|top pad/],
    ['noise', 'canister-centre-pipe', /tilt free|bubbles stay|intake deep/],
    ['does not start', 'canister-centre-pipe', /other plug|hum|water in/],
  ] as const)('for %s of a %s is %s', (symptom, kind, expected) => {
    expect(first(symptom, contextOf(kind)).next?.id).toMatch(expected);
  });

  it.each(FilterKindSchema.options)(
    'is never one that opens a %s while a look from outside tells more a minute',
    (kind) => {
      const context = contextOf(kind);
      for (const symptom of symptomsOf(context)) expect(first(symptom, context).next?.opens).toBe(false);
    },
  );
});

describe('every table', () => {
  const every = FilterKindSchema.options.flatMap((kind) =>
    symptomsOf(contextOf(kind)).map(
      (symptom) => [kind, symptom, faultTable(symptom, contextOf(kind))] as const,
    ),
  );

  it.each(every)(
    'of a %s, %s, is whole: outcomes with their likelihoods, causes with fixes',
    (_, __, table) => {
      const ids = new Set(table.causes.map(({ id }) => id));
      expect(ids.size).toBe(table.causes.length);
      expect(new Set(table.checks.map(({ id }) => id)).size).toBe(table.checks.length);
      for (const { fix, weight } of table.causes) {
        expect(fix).not.toBe('');
        expect(weight).toBeGreaterThan(0);
      }
      for (const check of table.checks) {
        for (const row of [check.otherwise, ...Object.values(check.given)])
          expect(row).toHaveLength(check.outcomes.length);
        for (const cause of [...ids, null]) {
          const row = likelihoods(check, cause);
          expect(row.reduce((sum, value) => sum + value, 0)).toBeCloseTo(1, 12);
          expect(Math.min(...row)).toBeGreaterThan(MIN_LIKELIHOOD / 2);
        }
      }
      const { causes } = faultState(table, [], 5);
      expect(causes.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 12);
      expect(causes.at(-1)).toEqual({ cause: null, chance: 0.05 });
    },
  );
});

describe('priors', () => {
  const chance = (symptom: Symptom, context: FaultContext, id: string): number =>
    first(symptom, context).causes.find(({ cause }) => cause?.id === id)!.chance;

  it('follow the state of this filter', () => {
    const overdue = contextOf('canister-centre-pipe', { sincePacked: 120, serviceDay: 60 });
    const fresh = contextOf('canister-centre-pipe', { sincePacked: 2 });
    expect(chance('weak flow', overdue, 'foam')).toBeGreaterThan(chance('weak flow', fresh, 'foam'));
    expect(chance('weak flow', fresh, 'tap')).toBeGreaterThan(chance('weak flow', overdue, 'tap'));
    const hang = contextOf('hang-on-back-basket');
    const spill = { ...hang.filter.spill!, foot: 'missing' as const };
    const footless = { ...hang, filter: { ...hang.filter, spill } };
    expect(chance('water on the floor', footless, 'tilt')).toBeGreaterThan(
      chance('water on the floor', hang, 'tilt'),
    );
    expect(
      chance('cloudy water', contextOf('hang-on-back-basket', { sincePacked: 1 }), 'dust'),
    ).toBeGreaterThan(0.2);
  });

  it('name no hose, tap or floss where there is none', () => {
    const plain = contextOf('internal-sponge', { hasFloss: false });
    const ids = faultTable('weak flow', { ...plain, filter: { ...plain.filter, equipment: [] } }).causes.map(
      ({ id }) => id,
    );
    expect(ids).toEqual(['intake', 'foam', 'impeller']);
    expect(symptomsOf(plain)).not.toContain('level at the rim');
  });
});

describe('an answer', () => {
  const context = contextOf('canister-centre-pipe');
  const table = faultTable('weak flow', context);
  const after = (...answers: Answer[]) => faultState(table, answers, 20);

  it('updates the causes by Bayes', () => {
    const before = after().causes.find(({ cause }) => cause?.id === 'intake')!.chance;
    const now = after({ checkId: 'sponge off', outcome: 0 });
    // By hand: 0.92 p over 0.92 p + 0.05 (0.95 − p) + 0.5 · 0.05.
    const expected = (0.92 * before) / (0.92 * before + 0.05 * (0.95 - before) + 0.025);
    expect(now.causes[0]).toMatchObject({ cause: { id: 'intake' } });
    expect(now.causes[0]!.chance).toBeCloseTo(expected, 9);
  });

  it('that cannot be told changes nothing, and the check is not asked again', () => {
    const now = after({ checkId: 'sponge off', outcome: null });
    expect(now.causes).toEqual(after().causes);
    expect(now.next?.id).not.toBe('sponge off');
  });

  it('lets the body be opened once: what follows costs its own minutes', () => {
    const now = after({ checkId: 'sponge off', outcome: 1 }, { checkId: 'first out', outcome: 1 });
    if (now.next?.opens === true) expect(now.minutes).toBe(now.next.minutes);
    const { opens, minutes } = table.checks.find(({ id }) => id === 'impeller look')!;
    expect(opens && minutes < 20).toBe(true);
  });

  it('ends with a cause that is likely enough, and does not go on asking', () => {
    const dead = faultTable('does not start', context);
    const sure = faultState(dead, [{ checkId: 'other plug', outcome: 0 }], 20);
    expect(sure).toMatchObject({ found: true, next: null, minutes: 0 });
    expect(sure.causes[0]?.cause?.id).toBe('no power');
  });

  it('thinks of two causes where the answers are too odd for one', () => {
    const odd = after(
      { checkId: 'sponge off', outcome: 0 },
      { checkId: 'turn taps', outcome: 0 },
      { checkId: 'hoses brown', outcome: 1 },
    );
    expect(odd.pair?.map(({ id }) => id).sort()).toEqual(['intake', 'tap']);
    expect(
      after({ checkId: 'sponge off', outcome: 0 }, { checkId: 'turn taps', outcome: 1 }).pair,
    ).toBeNull();
    const check = table.checks.find(({ id }) => id === 'sponge off')!;
    // Noisy or, by hand: 1 − 0.08 · 0.95, against 0.08 · 0.95, made one.
    const yes = 1 - 0.08 * 0.95;
    expect(pairLikelihoods(check, 'intake', 'tap')[0]).toBeCloseTo(yes / (yes + 0.08 * 0.95), 9);
  });
});

/** Draws from chances. */
function draw(chances: readonly number[], random: () => number): number {
  let left = random();
  const at = chances.findIndex((chance) => (left -= chance) < 0);
  return at < 0 ? chances.length - 1 : at;
}

describe('the finder, judged by simulation', () => {
  /** Share of runs that end with a wrong name, of those that end with one. */
  function wrongNames(
    symptom: Symptom,
    context: FaultContext,
    truth: (check: Check, cause: string) => number[],
  ): number {
    const table = faultTable(symptom, context);
    const opening = openingMinutes(context);
    const random = seededRandom(7);
    const weights = table.causes.map(({ weight }) => weight);
    const sum = weights.reduce((total, weight) => total + weight, 0);
    let named = 0;
    let wrong = 0;
    for (let run = 0; run < 200; run += 1) {
      const cause =
        table.causes[
          draw(
            weights.map((weight) => weight / sum),
            random,
          )
        ]!;
      const answers: Answer[] = [];
      let state = faultState(table, answers, opening);
      while (state.next !== null) {
        const { next } = state;
        answers.push({ checkId: next.id, outcome: draw(truth(next, cause.id), random) });
        state = faultState(table, answers, opening);
      }
      if (!state.found) continue;
      named += 1;
      if (state.causes[0]?.cause?.id !== cause.id) wrong += 1;
    }
    expect(named).toBeGreaterThan(40);
    return wrong / named;
  }

  const SYMPTOMS: readonly Symptom[] = ['weak flow', 'water on the floor', 'noise', 'does not start'];

  it.each(SYMPTOMS)('names the wrong cause of %s in at most 15 of 100', (symptom) => {
    expect(wrongNames(symptom, contextOf('canister-centre-pipe'), likelihoods)).toBeLessThanOrEqual(0.15);
  });

  it.each(SYMPTOMS)(
    'and of %s where every check misleads half as often again as the table says',
    (symptom) => {
      const worse = (check: Check, cause: string): number[] => {
        const row = likelihoods(check, cause);
        const best = row.indexOf(Math.max(...row));
        const missed = Math.min(0.5, 1.5 * (1 - row[best]!));
        return row.map((value, at) => (at === best ? 1 - missed : (value / (1 - row[best]!)) * missed));
      };
      expect(wrongNames(symptom, contextOf('canister-centre-pipe'), worse)).toBeLessThanOrEqual(0.15);
    },
  );
});

describe('the order of checks', () => {
  const yes = (id: string, minutes: number, opens: boolean, given: Record<string, number>): Check => ({
    id,
    ask: id,
    minutes,
    opens,
    group: id,
    outcomes: ['Yes', 'No'],
    given: Object.fromEntries(Object.entries(given).map(([cause, chance]) => [cause, [chance, 1 - chance]])),
    otherwise: [0.05, 0.95],
  });
  const causes = ['a', 'b', 'c'].map((id, at) => ({
    id,
    name: id,
    fix: id,
    caution: null,
    weight: [5, 3, 2][at]!,
  }));
  const small: FaultTable = {
    causes,
    checks: [
      yes('a?', 2, false, { a: 0.95 }),
      yes('b?', 1, false, { b: 0.9 }),
      yes('c?', 3, true, { c: 0.95 }),
      yes('a or b?', 1, false, { a: 0.9, b: 0.9 }),
    ],
  };
  const OPENING = 6;
  const chancesOf = (answers: readonly Answer[]) => faultState(small, answers, OPENING);

  /** Expected minutes from here on: by the finder’s choice, or by the best of all choices, worked out exactly. */
  function minutesFrom(answers: readonly Answer[], how: 'finder' | 'best'): number {
    const state = chancesOf(answers);
    if (state.next === null) return 0;
    const asked = new Set(answers.map(({ checkId }) => checkId));
    const open = small.checks.some(({ id, opens }) => opens && asked.has(id));
    const choices = how === 'finder' ? [state.next] : small.checks.filter(({ id }) => !asked.has(id));
    return Math.min(
      ...choices.map((check) =>
        check.outcomes.reduce(
          (sum, _, outcome) => {
            const chance = state.causes.reduce(
              (total, { cause, chance: of }) => total + of * likelihoods(check, cause?.id ?? null)[outcome]!,
              0,
            );
            return sum + chance * minutesFrom([...answers, { checkId: check.id, outcome }], how);
          },
          check.minutes + (check.opens && !open ? OPENING : 0),
        ),
      ),
    );
  }

  // By hand: the look inside settles it and takes a minute, the look from outside says less and takes a minute too.
  it('counts what opening costs: a look inside comes first only where it is free, or the body is open', () => {
    const pair: FaultTable = {
      causes: causes.slice(0, 2).map((cause) => ({ ...cause, weight: 1 })),
      checks: [
        yes('inside', 1, true, { a: 0.98 }),
        yes('outside', 1, false, { a: 0.8 }),
        yes('also inside', 2, true, { b: 0.6 }),
      ],
    };
    const next = (answers: readonly Answer[], opening: number) => faultState(pair, answers, opening);
    expect(next([], 0).next?.id).toBe('inside');
    expect(next([], OPENING)).toMatchObject({ next: { id: 'outside' }, minutes: 1 });
    // Once it is open the same look costs its own minute only.
    const opened = [{ checkId: 'also inside', outcome: 1 }];
    expect(next(opened, OPENING)).toMatchObject({ next: { id: 'inside' }, minutes: 1 });
    // A look that could not be had has not opened anything.
    const notOpened = [
      { checkId: 'outside', outcome: 1 },
      { checkId: 'also inside', outcome: null },
    ];
    expect(next(notOpened, OPENING).minutes).toBe(1 + OPENING);
  });

  it('stops where no check that is left tells enough for its minutes', () => {
    const even = { ...yes('even', 1, false, {}), otherwise: [0.5, 0.5] };
    const state = (checks: readonly Check[]) => faultState({ causes, checks }, [], OPENING);
    expect(state([even])).toMatchObject({ next: null, found: false, minutes: 0 });
    expect(state([{ ...yes('slow', 200, false, { a: 0.9 }) }]).next).toBeNull();
    expect(state([even, yes('tells', 2, false, { a: 0.9 })]).next?.id).toBe('tells');
  });

  it('thinks of two causes only from two answers on, and not of so many that they cannot be counted out', () => {
    const checks = Array.from({ length: 12 }, (_, at) =>
      yes(`${at}`, 1, false, { [at % 2 === 0 ? 'a' : 'b']: 0.95 }),
    );
    const pairAfter = (count: number) =>
      faultState(
        { causes, checks },
        checks.slice(0, count).map(({ id }) => ({ checkId: id, outcome: 0 })),
        OPENING,
      ).pair?.map(({ id }) => id);
    expect(pairAfter(1)).toBeUndefined();
    expect(pairAfter(4)).toEqual(['a', 'b']);
    expect(pairAfter(10)).toEqual(['a', 'b']);
    expect(pairAfter(11)).toBeUndefined();
  });

  it.each(FilterKindSchema.options)('knows what opening a %s costs', (kind) => {
    expect(openingMinutes(contextOf(kind))).toBeGreaterThanOrEqual(3);
    // A closed canister is uncoupled and carried; a lid is only lifted.
    expect(openingMinutes(contextOf('canister-centre-pipe'))).toBeGreaterThan(
      openingMinutes(contextOf('hang-on-back-basket')),
    );
  });

  it('takes at most a quarter more minutes than the best order, on a table small enough to solve exactly', () => {
    const best = minutesFrom([], 'best');
    expect(best).toBeGreaterThan(0);
    expect(minutesFrom([], 'finder')).toBeLessThanOrEqual(1.25 * best);
  });
});
