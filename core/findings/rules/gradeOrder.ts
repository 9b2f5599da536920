import { gradeRank } from '@/core/media/gradeRank';
import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';
import type { PlacedLayer } from '../../layers/placedLayer';
import { isFlossFirst } from './flossFirst';
import { orderRemedy } from './properOrder';
import { ordersMatter } from './ordersMatter';
import { idsOf, nameInside, namesInside, shareOfPack, upperFirst, verb } from './words';

/** Mechanical layers go coarse, medium, fine along the water: each grade unloads the next. */
export const gradeOrder: Rule = (context) => {
  const graded = context.inFlow.filter(
    (one) => gradeRank(one.medium) !== null && !isFlossFirst(context, one),
  );
  const rank = (one: PlacedLayer): number => gradeRank(one.medium) ?? 0;
  const late = graded.filter((one, at) => graded.slice(0, at).some((before) => rank(before) > rank(one)));
  const [first] = late;
  if (first === undefined) return [];
  const finer = graded
    .slice(0, graded.indexOf(first))
    .reduce((finest, one) => (rank(one) > rank(finest) ? one : finest));
  return [
    {
      rule: 'grade-order',
      level: ordersMatter(context) ? 'check' : 'note',
      school: 'order',
      effect: shareOfPack(context.inFlow, late),
      title: sentence`${upperFirst(namesInside(late))} ${verb(late.length, 'stands', 'stand')} after ${nameInside(finer)}.`,
      reason: sentence`The finer grade meets the heavy dirt first and clogs first; what comes after it has nothing left to catch. Coarse, medium, fine: each grade unloads the next, and usually only the first needs cleaning.`,
      layers: idsOf([finer, ...late]),
      moves: idsOf(late),
      ...orderRemedy(context, [finer, ...late]),
    },
  ];
};
