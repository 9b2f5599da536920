import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, namesInside, verb } from '../words';

/**
 * Rings or open balls ahead of the first foam: primary settlement, not misplaced biological media.
 *
 * @source common practice, no source
 */
export const settlementFirst = defineRule({
  id: 'settlement-first',
  question: 'through',
  levels: ['note'],
  judge: ({ inFlow }) => {
    const settle = inFlow.filter((placed) => placed.role === 'settle');
    if (settle.length === 0) return [];
    return [
      {
        level: 'note',
        title: sentence`${upperFirst(namesInside(settle))} ${verb(settle.length, 'goes', 'go')} first, to let heavy dirt settle.`,
        reason: sentence`This is fine here: open media slows the water, so heavy dirt settles before the foam. Any bacteria on it are a bonus.`,
        effect: 0,
        layers: idsOf(settle),
      },
    ];
  },
});
