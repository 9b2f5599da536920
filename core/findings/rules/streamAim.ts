import { isInternal } from '@/core/filter/kindFamily';
import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';

/** Length from which a stream that points up or down does not reach the other end, m (calibrated). */
const TOO_FAR = 0.8;

/** Where intake, outlet and circulation pumps point decides whether dirt reaches the filter. */
export const streamAim: Rule = ({ tank, filter }) => {
  if (tank.water.how !== 'measured' || tank.water.shape.form === 'cylinder' || isInternal(filter.kind))
    return [];
  const { length } = tank.water.shape;
  const streams = [...filter.outlets, ...tank.circulation];
  if (length > TOO_FAR && streams.every(({ aim }) => aim === 'up' || aim === 'down'))
    return [
      {
        rule: 'stream-aim',
        level: 'check',
        effect: 0.2,
        title: sentence`Nothing sends the water along ${{ kind: 'length', si: length }} of tank.`,
        reason: sentence`Streams that point ${[...new Set(streams.map(({ aim }) => aim))].join(' and ')} leave dirt lying where it falls. Turn an outlet along the tank, or to the front.`,
        layers: [],
      },
    ];
  const end = filter.intakes[0]?.place;
  const together =
    end !== 'middle' && filter.outlets.some(({ place, aim }) => place === end && aim === 'along the tank');
  if (!together || filter.hoses === null) return [];
  return [
    {
      rule: 'stream-aim',
      level: 'note',
      effect: 0,
      title: sentence`Intake and outlet on one short side.`,
      reason: sentence`A reason holds here: the stream runs along the tank and comes back to the intake with the dirt.`,
      layers: [],
    },
  ];
};
