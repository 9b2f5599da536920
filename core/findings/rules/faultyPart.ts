import { faultyParts } from '../../filter/smallParts';
import type { SmallPart } from '../../filter/smallPart';
import { joined } from '../../units/joined';
import { lowerFirst, upperFirst } from '../../units/firstLetter';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import type { Judgement } from '../judgement';
import { verb } from '../words';

/** Parts without which water runs out of the filter. */
const HOLD_WATER: readonly SmallPart[] = ['seal', 'motor seal', 'clips', 'hose collars'];

/**
 * Small parts that were found worn or missing: urgent where one that holds the water is missing.
 *
 * @urgent a part that holds the water in is missing
 * @source common practice, no source
 */
export const faultyPart = defineRule({
  id: 'faulty-part',
  question: 'through',
  levels: ['urgent', 'check'],
  judge: ({ filter, parts }) => {
    // A missing foot is found by how the body leans.
    const faulty = faultyParts(filter, parts).filter(({ part }) => part !== 'levelling foot');
    const isUrgent = (one: (typeof faulty)[number]): boolean =>
      one.state === 'missing' && HOLD_WATER.includes(one.part);
    return (['urgent', 'check'] as const).flatMap((level): Judgement<'urgent' | 'check'>[] => {
      const own = faulty.filter((one) => isUrgent(one) === (level === 'urgent'));
      if (own.length === 0) return [];
      const of = (state: 'worn' | 'missing'): string[] => {
        const names = own.filter((one) => one.state === state).map(({ name }) => lowerFirst(name));
        return names.length === 0 ? [] : [`${state}: ${joined(names)}`];
      };
      return [
        {
          level,
          effect: level === 'urgent' ? 1 : 0.5,
          title: sentence`${upperFirst([...of('missing'), ...of('worn')].join('; '))}.`,
          reason: sentence`${own.map(({ causes }) => causes).join(' ')} Replace ${verb(own.length, 'it', 'them')} before the filter runs again.`,
          layers: [],
        },
      ];
    });
  },
});
