import { isCanister } from '../../filter/filterKind';
import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';
import type { PlacedLayer } from '../../layers/placedLayer';
import { idsOf, namesInside, shareOfPack, upperFirst, verb } from './words';

/** What is changed monthly belongs where it is reached without lifting the living media of a filter that is opened twice a year. */
export const monthlyDeep: Rule = ({ filter, inFlow, schools }) => {
  if (!isCanister(filter.kind)) return [];
  const living = inFlow.filter((one) => one.stage === 'living');
  const under = (one: PlacedLayer): boolean =>
    living.some(
      (above) => above.chamber !== one.chamber && above.chamber.lift.length < one.chamber.lift.length,
    );
  const deep = inFlow.filter(
    (one) => (one.medium.service === 'replace' || one.medium.service === 'recharge') && under(one),
  );
  if (deep.length === 0) return [];
  const chemical = deep.some((one) => one.stage === 'chemical');
  return [
    {
      rule: 'monthly-deep',
      level: chemical ? 'attention' : 'note',
      school: 'chemical',
      effect: shareOfPack(inFlow, deep),
      title: sentence`${upperFirst(namesInside(deep))} ${verb(deep.length, 'lies', 'lie')} under living media.`,
      reason: sentence`Each change lifts ${living.length === 1 ? 'the living media' : `${living.length} layers of living media`} that should stay shut for four to six months. ${
        schools.chemical === 'easy access' || chemical
          ? 'Put it in the tray that is reached first.'
          : 'A foam in its place is squeezed instead, and less often.'
      }`,
      layers: idsOf(deep),
    },
  ];
};
