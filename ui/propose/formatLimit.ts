import type { Contradiction, Limit } from '@/core/propose/limits';
import type { Limits } from '@/core/propose/proposeInput';
import type { ProposeFault } from '@/core/propose/proposeFault';
import type { Words } from '../fields/wordsFor';

/** What keeps a search from being begun, and what to do. */
export const FAULT_WORDS: Readonly<Record<ProposeFault, string>> = {
  'no chamber': 'This filter has no chamber for media: add one under Measure.',
  'no room': 'You keep every layer in place, and there is no space for another. Untick one.',
  'no media':
    'There is no media to use: none on the shelf, and none in the filter that can be used again. Add media to the shelf, or choose “Any media”.',
  'no money':
    'You have no media, and nothing can be bought for that amount. Raise it, or add media to the shelf.',
};

/** A value of a limit in its unit. */
function valueSaid(words: Words, limit: Limit, value: number): string {
  switch (limit) {
    case 'leastTurnover':
    case 'mostTurnover':
      return words.show({ kind: 'turnover', si: value });
    case 'mostMass':
      return words.show({ kind: 'mass', si: value });
    case 'mostVisits':
      return `${words.number(value, 0)} visits a year`;
    case 'mostMinutes':
      return `${words.number(value, 0)} minutes a year`;
    case 'neverOverflows':
      return 'no overflow with every layer blocked';
  }
}

/** “a turnover of at least 3.4× an hour”. */
export function formatLimit(words: Words, limits: Limits, limit: Limit): string {
  const value = limits[limit];
  const said = typeof value === 'number' ? valueSaid(words, limit, value) : valueSaid(words, limit, 0);
  switch (limit) {
    case 'leastTurnover':
      return `a turnover of at least ${said}`;
    case 'mostTurnover':
      return `a turnover of at most ${said}`;
    case 'mostMass':
      return `a weight of at most ${said}`;
    case 'mostVisits':
    case 'mostMinutes':
      return `at most ${said}`;
    case 'neverOverflows':
      return said;
  }
}

/** The nearest that packs come to a limit that they miss. */
function nearestSaid(words: Words, limits: Limits, limit: Limit, missedBy: number): string {
  const value = limits[limit];
  if (typeof value !== 'number') return 'every pack would overflow';
  return valueSaid(words, limit, limit === 'leastTurnover' ? value - missedBy : value + missedBy);
}

/** Which limits no pack keeps to, how far from them the nearest is, and what to do. */
export function describeConflictingLimits(words: Words, limits: Limits, found: Contradiction): string {
  switch (found.kind) {
    case 'none':
      return found.spilled
        ? 'Every possible pack would overflow, even when clean. Measure the rim, fill limit and flow again, or turn the pump down.'
        : 'No pack can be made from this media: the sheets are too small, or there is too little of it. Allow more media, or untick a piece you keep.';
    case 'one':
      return found.limit === 'neverOverflows'
        ? 'Every pack would overflow if all layers were blocked. This filter needs a notch or an open edge. Remove that limit, or enter the notch under Measure.'
        : `No pack has ${formatLimit(words, limits, found.limit)}. The closest is ${nearestSaid(words, limits, found.limit, found.missedBy)}. Change that limit.`;
    case 'two': {
      const [first, second] = found.limits;
      return `No pack has both ${formatLimit(words, limits, first)} and ${formatLimit(words, limits, second)}. With the first limit the closest is ${nearestSaid(words, limits, second, found.missedBy[1])}; with the second it is ${nearestSaid(words, limits, first, found.missedBy[0])}. Change one of them.`;
    }
    case 'several':
      return `No pack is within all these limits: ${found.limits.map((limit) => formatLimit(words, limits, limit)).join('; ')}. Change one of them.`;
  }
}
