import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { idsOf } from '../words';
import { sumOf } from '../../maths/sum';

/**
 * Media not yet named.
 *
 * @source none needed: it says that something is missing
 */
export const unknownMedium = defineRule({
  id: 'unknown-medium',
  question: 'through',
  levels: ['note'],
  judge: ({ inFlow }) => {
    const unknown = inFlow.filter((placed) => placed.role === 'unknown');
    if (unknown.length === 0) return [];
    return [
      {
        level: 'note',
        effect: 0,
        title: sentence`${unknown.length === 1 ? 'One layer is' : `${unknown.length} layers are`} not known yet.`,
        reason: sentence`Until then ${{ kind: 'volume', si: sumOf(unknown, (placed) => placed.measure.volume) }} of media is not counted. Say what it is, or choose the nearest match.`,
        layers: idsOf(unknown),
      },
    ];
  },
});
