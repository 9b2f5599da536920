import { isCanister } from '@/core/filter/kindFamily';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import type { PlacedLayer } from '../../layers/placedLayer';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, namesInside, shareOfPack, verb } from '../words';

/**
 * What is changed monthly belongs where it is reached without lifting the biological media of a filter that is opened
 * twice a year.
 *
 * @source common practice, no source
 */
export const monthlyDeep = defineRule({
  id: 'monthly-deep',
  question: 'cost',
  levels: ['check', 'note'],
  school: 'chemical',
  judge: ({ filter, inFlow, schools }) => {
    if (!isCanister(filter.kind)) return [];
    const biological = inFlow.filter((placed) => placed.role === 'biological');
    const under = (placed: PlacedLayer): boolean =>
      biological.some(
        (above) => above.chamber !== placed.chamber && above.chamber.lift.length < placed.chamber.lift.length,
      );
    const deep = inFlow.filter(
      (placed) =>
        (placed.medium.service === 'replace' || placed.medium.service === 'recharge') && under(placed),
    );
    if (deep.length === 0) return [];
    const chemical = deep.some((placed) => placed.role === 'chemical');
    return [
      {
        level: chemical ? 'check' : 'note',
        effect: shareOfPack(inFlow, deep),
        title: sentence`${upperFirst(namesInside(deep))} ${verb(deep.length, 'lies', 'lie')} under biological media.`,
        reason: sentence`Each time you change it you lift ${biological.length === 1 ? 'the biological media' : `${biological.length} layers of biological media`} that are best left alone${filter.kind === 'canister-outside-in' ? ', and this filter should stay closed for four to six months' : ''}. ${
          schools.chemical === 'easy access' || chemical
            ? 'Put it in the tray you reach first.'
            : 'Foam would do instead, and needs squeezing less often.'
        }`,
        layers: idsOf(deep),
      },
    ];
  },
});
