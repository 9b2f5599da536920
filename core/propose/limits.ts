import type { Limits } from './proposeInput';

/** The limits by name, in the order in which they are shown. */
export const SEARCH_LIMITS = [
  'neverOverflows',
  'leastTurnover',
  'mostTurnover',
  'mostMass',
  'mostVisits',
  'mostMinutes',
] as const satisfies readonly (keyof Limits)[];
export type Limit = (typeof SEARCH_LIMITS)[number];

/** What limits are held against; null: not known, and no limit on it is missed. */
export interface Limited {
  readonly overflows: boolean;
  /** Tanks a second. */
  readonly turnover: number;
  /** kg */
  readonly mass: number;
  /** A year. */
  readonly visits: number | null;
  readonly minutes: number | null;
}

/** By how much a pack misses each limit, in the limit’s own unit, in the order of {@link SEARCH_LIMITS}; 0: it keeps to it. */
export function limitShortfalls(
  limits: Limits,
  { overflows, turnover, mass, visits, minutes }: Limited,
): number[] {
  const over = (value: number | null, most: number | null): number =>
    value === null || most === null ? 0 : Math.max(0, value - most);
  return [
    limits.neverOverflows && overflows ? 1 : 0,
    limits.leastTurnover === null ? 0 : Math.max(0, limits.leastTurnover - turnover),
    over(turnover, limits.mostTurnover),
    over(mass, limits.mostMass),
    over(visits, limits.mostVisits),
    over(minutes, limits.mostMinutes),
  ];
}

/** How near packs came to keeping to all limits: the least that each is missed by, alone and beside another. */
export interface Nearness {
  /** By limit, over all packs. */
  readonly alone: readonly number[];
  /** By limit that is kept to, then by the other: the least that the other is missed by; Infinity: no pack kept to it. */
  readonly beside: readonly (readonly number[])[];
  /** By limit, whether any pack missed it. */
  readonly ever: readonly boolean[];
  /** Of a pack the water stood over the rim, which no limit is about. */
  readonly spilled: boolean;
}

export const NOTHING_NEAR: Nearness = {
  alone: SEARCH_LIMITS.map(() => Infinity),
  beside: SEARCH_LIMITS.map(() => SEARCH_LIMITS.map(() => Infinity)),
  ever: SEARCH_LIMITS.map(() => false),
  spilled: false,
};

/** Nearness after one more pack, by how much it misses each limit. */
export const nearer = ({ alone, beside, ever, spilled }: Nearness, missed: readonly number[]): Nearness => ({
  alone: alone.map((least, index) => Math.min(least, missed[index]!)),
  beside: beside.map((row, kept) =>
    missed[kept]! > 0 ? row : row.map((least, other) => Math.min(least, missed[other]!)),
  ),
  ever: ever.map((was, index) => was || missed[index]! > 0),
  spilled,
});

/** Of two searches together. */
export const nearest = (a: Nearness, b: Nearness): Nearness => ({
  alone: a.alone.map((least, index) => Math.min(least, b.alone[index]!)),
  beside: a.beside.map((row, kept) => row.map((least, other) => Math.min(least, b.beside[kept]![other]!))),
  ever: a.ever.map((was, index) => was || b.ever[index]!),
  spilled: a.spilled || b.spilled,
});

/** Why no pack keeps to all limits. */
export type Contradiction =
  /** There is no pack at all: none can be made from what may be used, or of all the water stands over the rim. */
  | { readonly kind: 'none'; readonly spilled: boolean }
  /** None comes nearer to this limit, whatever the others. */
  | { readonly kind: 'one'; readonly limit: Limit; readonly missedBy: number }
  /** Each can be kept to, but not both: how much the second is missed by with the first kept, and the other way round. */
  | {
      readonly kind: 'two';
      readonly limits: readonly [Limit, Limit];
      readonly missedBy: readonly [number, number];
    }
  /** It takes more than two together. */
  | { readonly kind: 'several'; readonly limits: readonly Limit[] };

/**
 * The limit, or the two, that no pack keeps to: shown where a search finds none that keeps to all.
 *
 * @returns of two: `missedBy[0]` is how much the first is missed by with the second kept, and the other way round
 */
export function findConflictingLimits({ alone, beside, ever, spilled }: Nearness): Contradiction {
  if (alone.every((least) => least === Infinity)) return { kind: 'none', spilled };
  const one = alone.findIndex((least) => least > 0);
  if (one !== -1) return { kind: 'one', limit: SEARCH_LIMITS[one]!, missedBy: alone[one]! };
  for (let first = 0; first < SEARCH_LIMITS.length; first += 1)
    for (let second = first + 1; second < SEARCH_LIMITS.length; second += 1) {
      const [a, b] = [beside[second]![first]!, beside[first]![second]!];
      if (a > 0 && b > 0)
        return { kind: 'two', limits: [SEARCH_LIMITS[first]!, SEARCH_LIMITS[second]!], missedBy: [a, b] };
    }
  return { kind: 'several', limits: SEARCH_LIMITS.filter((_, index) => ever[index]) };
}
