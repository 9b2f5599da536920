import { ANY_ORDER, ordersMatter } from '../ordersMatter';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import type { RuleContext } from '../ruleContext';
import type { Judgement } from '../judgement';
import type { PlacedLayer } from '../../layers/placedLayer';
import { isPackedBackwards } from './packedBackwards';
import { orderRemedy } from '../properOrder';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, nameInside, shareOfPack } from '../words';

/**
 * Chemical media stand last in flow order, unless they sit where the hands reach them first.
 *
 * @source common practice, no source
 */
export const chemicalPlace = defineRule({
  id: 'chemical-place',
  question: 'through',
  levels: ['check', 'note'],
  school: 'chemical',
  judge: (context) =>
    context.inFlow.flatMap((placed, index): Judgement<'check' | 'note'>[] => {
      if (isPackedBackwards(context)) return [];
      const after = context.inFlow
        .slice(index + 1)
        .filter((placed) => placed.role === 'biological' || placed.role === 'mechanical');
      if (placed.role !== 'chemical' || after.length === 0) return [];
      const common = {
        title: sentence`${upperFirst(nameInside(placed))} comes before ${nameInside(after[0] ?? placed)}.`,
        effect: shareOfPack(context.inFlow, [placed]),
        layers: idsOf([placed]),
      };
      if (isInReach(context, placed, after))
        return [
          {
            ...common,
            level: 'note',
            reason: sentence`This is fine here: you can reach it without lifting the biological media, and it is replaced far more often.`,
          },
        ];
      if (!ordersMatter(context))
        return [
          {
            ...common,
            level: 'note',
            reason: sentence`${ANY_ORDER} Dirt coats it here, so it is used up sooner than in last place.`,
          },
        ];
      return [
        {
          ...common,
          level: 'check',
          moves: idsOf([placed]),
          reason: sentence`Dirt coats it, so it is used up early. Put chemical media last, where the water is clean.`,
          ...orderRemedy(context, [placed, ...after]),
        },
      ];
    }),
});

/** True when nothing is lifted for it that is not lifted anyway, and the biological media after it lie deeper. */
function isInReach(context: RuleContext, placed: PlacedLayer, after: readonly PlacedLayer[]): boolean {
  const lifts = (item: PlacedLayer): number => item.chamber.lift.length;
  const fewest = Math.min(...context.inFlow.map(lifts));
  const biological = after.filter((candidate) => candidate.role === 'biological');
  return (
    lifts(placed) === fewest && biological.length > 0 && biological.every((one) => lifts(one) > lifts(placed))
  );
}
