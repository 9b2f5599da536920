import type { Contradiction, Limit } from '@/core/propose/limits';
import type { Limits } from '@/core/propose/proposeInput';
import type { ProposeFault } from '@/core/propose/proposeFault';
import type { Words } from '../fields/wordsFor';

/** What keeps a search from being begun, and what to do. */
export const FAULT_WORDS: Readonly<Record<ProposeFault, string>> = {
  'no chamber': 'This filter has no chamber for media: add one under Measure.',
  'no room': 'Every layer stays where it is, and no room is left for another: let one of them go.',
  'no media':
    'Nothing is on the shelf, and nothing in the filter can be used again: put media on the shelf, or choose “Any generic medium”.',
  'no money':
    'Nothing is at hand, and nothing can be bought for that sum: raise it, or put media on the shelf.',
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
export function limitSaid(words: Words, limits: Limits, limit: Limit): string {
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
export function contradictionSaid(words: Words, limits: Limits, found: Contradiction): string {
  switch (found.kind) {
    case 'none':
      return found.spilled
        ? 'With every pack that can be made the water stands over the rim, clean as it is. Measure rim, stop and flow again, or throttle the pump.'
        : 'No pack can be made from what may be used: sheets are too small, or there is too little of a medium. Allow more media, or let a piece go that stays.';
    case 'one':
      return found.limit === 'neverOverflows'
        ? 'Every pack would overflow with all layers blocked: this body needs a notch or an open edge. Let that limit go, or measure the notch under Measure.'
        : `No pack keeps to ${limitSaid(words, limits, found.limit)}: the nearest comes to ${nearestSaid(words, limits, found.limit, found.missedBy)}. Change that limit.`;
    case 'two': {
      const [first, second] = found.limits;
      return `No pack keeps both to ${limitSaid(words, limits, first)} and to ${limitSaid(words, limits, second)}: with the first kept the nearest comes to ${nearestSaid(words, limits, second, found.missedBy[1])}, with the second kept to ${nearestSaid(words, limits, first, found.missedBy[0])}. Change one of the two.`;
    }
    case 'several':
      return `No pack keeps to all limits together: ${found.limits.map((limit) => limitSaid(words, limits, limit)).join('; ')}. Change one of them.`;
  }
}
