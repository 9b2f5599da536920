import { ANY_ORDER, ordersMatter } from '../ordersMatter';
import { gradeRank } from '@/core/media/gradeRank';
import { GRADES } from '@/core/media/grades';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import type { PlacedLayer } from '../../layers/placedLayer';
import { isPackedBackwards } from './packedBackwards';
import { orderRemedy } from '../properOrder';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, namesInside, shareOfPack, verb } from '../words';
import { sumOf } from '../../maths/sum';

/**
 * A fine pad after the biological media: a school when something fine stands before them too, a fault when not.
 *
 * @source common practice, no source
 */
export const polishingPad = defineRule({
  id: 'polishing-pad',
  question: 'through',
  levels: ['check', 'note'],
  school: 'finePad',
  isOfWholePack: true,
  judge: (context) => {
    const polish = context.inFlow.filter((placed) => placed.role === 'polish');
    if (polish.length === 0 || isPackedBackwards(context)) return [];
    const fineBefore = context.inFlow.some(
      (placed) => placed.role === 'mechanical' && (gradeRank(placed.medium) ?? -1) >= GRADES.indexOf('fine'),
    );
    const biological = context.inFlow.filter((placed) => placed.role === 'biological');
    const common = {
      effect: shareOfPack(context.inFlow, biological),
      title: sentence`${upperFirst(namesInside(polish))} ${verb(polish.length, 'comes', 'come')} after the biological media${fineBefore ? '' : ', and nothing fine comes before them'}.`,
      layers: idsOf(polish),
    };
    if (fineBefore)
      return [
        {
          ...common,
          level: 'note',
          reason: sentence`This is your choice: the fine pad before the biological media keeps their pores open, and this one gives the clearest water.`,
        },
      ];
    if (context.schools.finePad === 'after')
      return [
        {
          ...common,
          level: 'note',
          reason: sentence`This is your choice: it gives the clearest water, but silt that gets past the foam settles in ${{ kind: 'volume', si: volumeOf(biological) }} of biological media first.`,
        },
      ];
    if (!ordersMatter(context))
      return [
        {
          ...common,
          level: 'note',
          reason: sentence`${ANY_ORDER} Silt that gets past the foam settles in ${{ kind: 'volume', si: volumeOf(biological) }} of biological media first, so rinse it at each service.`,
        },
      ];
    return [
      {
        ...common,
        level: 'check',
        moves: idsOf(polish),
        reason: sentence`Silt that gets past the foam settles in ${{ kind: 'volume', si: volumeOf(biological) }} of biological media before it reaches this pad. Move the pad before them, or add a second one there.`,
        ...orderRemedy(context, [...biological, ...polish]),
      },
    ];
  },
});

const volumeOf = (layers: readonly PlacedLayer[]): number => sumOf(layers, (placed) => placed.measure.volume);
