import { arrivalOf, isBlownAt } from '../../dirt/arrival';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';

/**
 * A circulation pump that blows along the tank at this filter’s intake brings it more of the dirt than its flow
 * alone.
 *
 * @source common practice, no source
 */
export const circulationAim = defineRule({
  id: 'circulation-aim',
  question: 'clogs',
  levels: ['note'],
  judge: ({ tank, filter, others }) => {
    if (!isBlownAt(tank, filter)) return [];
    const shared = others.length > 0 && !others.every((other) => isBlownAt(tank, other));
    return [
      {
        level: 'note',
        effect: 0,
        title: sentence`A circulation pump points at this filter’s intake.`,
        reason: sentence`It brings up to ${{ kind: 'share', si: Math.max(...arrivalOf(tank, filter)) }} of the usual heavy dirt, so the forecast has this filter due sooner${shared ? ' and the other filters on this tank later' : ''}.`,
        layers: [],
      },
    ];
  },
});
