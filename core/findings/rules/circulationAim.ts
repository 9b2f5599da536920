import { PLACES, type Place } from '../../filter/places';
import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';

/** The end of the tank that a stream along it reaches from a place; from the middle it may reach either. */
const reached = (place: Place): readonly Place[] =>
  place === 'middle' ? PLACES.filter((end) => end !== 'middle') : [place === 'left' ? 'right' : 'left'];

/** A circulation pump that blows along the tank at this filter’s intake brings it more of the dirt than its flow alone. */
export const circulationAim: Rule = ({ tank, filter, others }) => {
  const aimed = tank.circulation.filter(({ aim }) => aim === 'along the tank');
  const hits = (intakes: typeof filter.intakes): boolean =>
    aimed.some(({ place }) => intakes.some((intake) => reached(place).includes(intake.place)));
  if (!hits(filter.intakes)) return [];
  return [
    {
      rule: 'circulation-aim',
      level: 'note',
      effect: 0,
      title: sentence`A circulation pump blows towards this filter’s intake.`,
      reason:
        others.length > 0 && !others.every(({ intakes }) => hits(intakes))
          ? sentence`It takes a larger share of the dirt than its flow alone: the forecast shares dirt by flow, so expect to clean this filter sooner and the others later.`
          : sentence`Less dirt settles on the way, and more of it reaches the filter: the forecast knows how much the pump stirs, not where it blows, so expect service towards the early end of its range.`,
      layers: [],
    },
  ];
};
