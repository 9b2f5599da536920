import type { Cause, Check, FaultTable } from './faultTable';
import { sum } from '../maths/sum';

/** An answer to a check; null: the keeper could not tell. */
export interface Answer {
  readonly checkId: string;
  readonly outcome: number | null;
}

/** What is left to think after the answers so far. */
export interface FaultState {
  /** Likeliest first, with their chances; the last of all is `none`: something that the table does not know. */
  readonly causes: readonly { readonly cause: Cause | null; readonly chance: number }[];
  /** The check with the most information per minute; null: none is worth it. */
  readonly next: Check | null;
  /** Minutes of that check, with opening the body where that is still to do. */
  readonly minutes: number;
  /** One cause is likely enough to act on. */
  readonly found: boolean;
  /** Two causes at once explain the answers far better than any one. */
  readonly pair: readonly [Cause, Cause] | null;
}

/** Chance of something that no table knows (calibrated). */
const UNKNOWN_CAUSE_CHANCE = 0.05;
/** A likelihood is never less: every check may mislead (calibrated). */
export const MIN_LIKELIHOOD = 0.02;
/** Chance from which a cause is acted on, and what a check must tell, bit a minute (calibrated). */
const ACT_FROM_CHANCE = 0.85;
const MIN_BITS_PER_MINUTE = 0.02;
/** Share of outcomes under one cause that must be likelier than what was seen before two are thought of. */
const UNLIKELY_SHARE = 0.05;
/** Answers up to which all their outcomes are counted out; more are rare. */
const MAX_COUNTED = 10;

/** Likelihoods of a check’s outcomes under a cause: none below the floor, together 1. */
export function likelihoods({ given, otherwise, outcomes }: Check, cause: string | null): number[] {
  if (cause === null) return outcomes.map(() => 1 / outcomes.length);
  const raw = (given[cause] ?? otherwise).map((value) => Math.max(MIN_LIKELIHOOD, value));
  const total = sum(raw);
  return raw.map((value) => value / total);
}

/**
 * Likelihoods of a check’s outcomes where two causes hold at once: what is a sign of either is shown by either (noisy or),
 * everything else only where neither shows a sign.
 */
export function pairLikelihoods(check: Check, a: string, b: string): number[] {
  const [one, two] = [likelihoods(check, a), likelihoods(check, b)];
  const normal = likelihoods({ ...check, given: {} }, '');
  // An outcome that is likelier than with nothing of the kind is a sign; either cause alone brings it.
  const raw = one.map((value, at) => {
    const other = two[at]!;
    const isSign = Math.max(value, other) > normal[at]!;
    return isSign ? 1 - (1 - value) * (1 - other) : value * other;
  });
  const total = sum(raw);
  return raw.map((value) => Math.max(MIN_LIKELIHOOD, value / total)).map((value, _, all) => value / sum(all));
}

const entropy = (chances: readonly number[]): number =>
  chances.reduce((sum, chance) => (chance > 0 ? sum - chance * Math.log2(chance) : sum), 0);

const normalized = (weights: readonly number[]): number[] => {
  const total = sum(weights);
  return weights.map((weight) => weight / total);
};

/** Chances of all causes before any answer, `none` last. */
const priors = ({ causes }: FaultTable): number[] => [
  ...normalized(causes.map(({ weight }) => weight)).map((weight) => weight * (1 - UNKNOWN_CAUSE_CHANCE)),
  UNKNOWN_CAUSE_CHANCE,
];

const idsOf = ({ causes }: FaultTable): (string | null)[] => [...causes.map(({ id }) => id), null];

function updated(
  ids: readonly (string | null)[],
  chances: readonly number[],
  check: Check,
  outcome: number,
): number[] {
  return normalized(chances.map((chance, at) => chance * likelihoods(check, ids[at]!)[outcome]!));
}

/** Bits that a check is expected to tell. */
function gain(ids: readonly (string | null)[], chances: readonly number[], check: Check): number {
  const before = entropy(chances);
  return check.outcomes.reduce((sum, _, outcome) => {
    const chance = chances.reduce(
      (total, value, at) => total + value * likelihoods(check, ids[at]!)[outcome]!,
      0,
    );
    return chance > 0 ? sum - chance * entropy(updated(ids, chances, check, outcome)) : sum;
  }, before);
}

/**
 * What is likely wrong after the answers so far, and the check to make next: by Bayes, the next check by the greatest expected
 * drop of entropy a minute.
 *
 * @param opening minutes that opening the body costs, once
 * @source Bayes; the choice of the next check after Lindley 1956 (Ann. Math. Stat. 27, 986)
 */
export function faultState(table: FaultTable, answers: readonly Answer[], opening: number): FaultState {
  const ids = idsOf(table);
  const byId = new Map(table.checks.map((check) => [check.id, check]));
  const asked = answers.flatMap(({ checkId, outcome }) => {
    const check = byId.get(checkId);
    return check === undefined ? [] : [{ check, outcome }];
  });
  const told = asked.flatMap(({ check, outcome }) => (outcome === null ? [] : [{ check, outcome }]));
  const chances = told.reduce(
    (current, { check, outcome }) => updated(ids, current, check, outcome),
    priors(table),
  );
  const isOpen = asked.some(({ check, outcome }) => check.opens && outcome !== null);
  const cost = ({ minutes, opens }: Check): number => minutes + (opens && !isOpen ? opening : 0);
  const groups = new Set(asked.map(({ check }) => check.group));
  const best = table.checks
    .filter(({ group }) => !groups.has(group))
    .map((check) => ({ check, worth: gain(ids, chances, check) / cost(check) }))
    .reduce<{ check: Check; worth: number } | null>(
      (so, item) => (so === null || item.worth > so.worth ? item : so),
      null,
    );
  const ranked = table.causes
    .map((cause, at) => ({ cause: cause, chance: chances[at]! }))
    .sort((a, b) => b.chance - a.chance);
  const found = (ranked[0]?.chance ?? 0) >= ACT_FROM_CHANCE;
  const next = found || best === null || best.worth < MIN_BITS_PER_MINUTE ? null : best.check;
  return {
    causes: [...ranked, { cause: null, chance: chances.at(-1)! }],
    next,
    minutes: next === null ? 0 : cost(next),
    found,
    pair: pairOf(table, told),
  };
}

interface Told {
  readonly check: Check;
  readonly outcome: number;
}

/** The two causes that explain the answers together where no single one does; null: one is enough. */
function pairOf(table: FaultTable, told: readonly Told[]): FaultState['pair'] {
  if (told.length < 2 || told.length > MAX_COUNTED) return null;
  const weights = normalized(table.causes.map(({ weight }) => weight));
  const under = (id: string): number =>
    told.reduce((product, { check, outcome }) => product * likelihoods(check, id)[outcome]!, 1);
  const best = table.causes
    .map((cause, at) => ({ cause, score: weights[at]! * under(cause.id) }))
    .reduce((so, item) => (item.score > so.score ? item : so));
  if (shareAsUnlikely(told, best.cause.id) > UNLIKELY_SHARE) return null;
  let pair: FaultState['pair'] = null;
  let most = best.score;
  table.causes.forEach((a, at) =>
    table.causes.slice(at + 1).forEach((b, offset) => {
      const [p, q] = [weights[at]!, weights[at + 1 + offset]!];
      const score = told.reduce(
        (product, { check, outcome }) => product * pairLikelihoods(check, a.id, b.id)[outcome]!,
        (p * q) / (1 - p),
      );
      if (score > most) [pair, most] = [[a, b], score];
    }),
  );
  return pair;
}

/** Chance, under one cause, of answers that are no likelier than those that were given: all their outcomes counted out. */
function shareAsUnlikely(told: readonly Told[], id: string): number {
  const tables = told.map(({ check }) => likelihoods(check, id));
  const seen = told.reduce((product, { outcome }, at) => product * tables[at]![outcome]!, 1);
  let share = 0;
  const walk = (at: number, chance: number): void => {
    if (at === tables.length) {
      if (chance <= seen * (1 + 1e-9)) share += chance;
      return;
    }
    for (const value of tables[at]!) walk(at + 1, chance * value);
  };
  walk(0, 1);
  return share;
}
