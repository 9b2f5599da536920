import { isInternal } from '@/core/filter/kindFamily';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';

/** Length from which a stream that points up or down does not reach the other end, m (calibrated). */
const TOO_FAR = 0.8;

/**
 * Where intake, outlet and circulation pumps point decides whether dirt reaches the filter.
 *
 * @source common practice, no source
 */
export const streamAim = defineRule({
  id: 'stream-aim',
  question: 'through',
  levels: ['check', 'note'],
  judge: ({ tank, filter }) => {
    if (tank.water.how !== 'measured' || tank.water.shape.form === 'cylinder' || isInternal(filter.kind))
      return [];
    const { length } = tank.water.shape;
    const streams = [...filter.outlets, ...tank.circulation];
    if (length > TOO_FAR && streams.every(({ aim }) => aim === 'up' || aim === 'down'))
      return [
        {
          level: 'check',
          effect: 0.2,
          title: sentence`No outlet sends water along the ${{ kind: 'length', si: length }} of the tank.`,
          reason: sentence`Outlets that point ${[...new Set(streams.map(({ aim }) => aim))].join(' and ')} leave dirt where it falls. Turn one along the tank or to the front.`,
          layers: [],
        },
      ];
    const end = filter.intakes[0]?.place;
    const together =
      end !== 'middle' && filter.outlets.some(({ place, aim }) => place === end && aim === 'along the tank');
    if (!together || filter.hoses === null) return [];
    return [
      {
        level: 'note',
        effect: 0,
        title: sentence`The intake and outlet are on the same short side.`,
        reason: sentence`This is fine here: the water flows along the tank and carries the dirt back to the intake.`,
        layers: [],
      },
    ];
  },
});
