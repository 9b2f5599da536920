import { isPrefilter } from '../../filter/isPrefilter';
import { gradeRank } from '@/core/media/gradeRank';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import type { PlacedLayer } from '../../layers/placedLayer';
import { isFlossFirst } from './flossFirst';
import { isPackedBackwards } from './packedBackwards';
import { orderRemedy } from '../properOrder';
import { ANY_ORDER, ordersMatter } from '../ordersMatter';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, nameInside, namesInside, shareOfPack, verb } from '../words';

/**
 * Mechanical layers go coarse, medium, fine in flow order: each grade unloads the next.
 *
 * @source common practice, no source
 */
export const gradeOrder = defineRule({
  id: 'grade-order',
  question: 'through',
  levels: ['check', 'note'],
  school: 'order',
  judge: (context) => {
    if (isPackedBackwards(context)) return [];
    const graded = context.inFlow.filter(
      (placed) =>
        gradeRank(placed.medium) !== null &&
        !isFlossFirst(context, placed) &&
        // A sleeve on the intake and a prefilter are cleaned on days of their own: no part of the stack.
        placed.chamber.where === 'body' &&
        !isPrefilter(context.filter, placed.chamber),
    );
    const rank = (placed: PlacedLayer): number => gradeRank(placed.medium) ?? 0;
    const late = graded.filter((placed, index) =>
      graded.slice(0, index).some((before) => rank(before) > rank(placed)),
    );
    const [first] = late;
    if (first === undefined) return [];
    const finer = graded
      .slice(0, graded.indexOf(first))
      .reduce((finest, placed) => (rank(placed) > rank(finest) ? placed : finest));
    const finestAt = graded.indexOf(finer);
    // Where the same grade stands in its place already, one more of it behind a finer one does no harm.
    const isAlready = late.every((placed) =>
      graded.slice(0, finestAt).some((before) => rank(before) === rank(placed)),
    );
    const order = ordersMatter(context);
    const isFault = order && !isAlready;
    return [
      {
        level: isFault ? 'check' : 'note',
        effect: shareOfPack(context.inFlow, late),
        title: sentence`${upperFirst(namesInside(late))} ${verb(late.length, 'comes', 'come')} after ${nameInside(finer)}.`,
        reason: isFault
          ? sentence`The finer grade catches the heavy dirt, clogs first and leaves nothing for the layers after it. Order them coarse, medium, fine: then usually only the first needs cleaning.`
          : order
            ? sentence`This is fine here: the same grade comes earlier too, and catches the heavy dirt there. Placed later, it adds surface for bacteria.`
            : sentence`${ANY_ORDER} Ordered coarse, medium, fine, usually only the first needs cleaning.`,
        layers: idsOf([finer, ...late]),
        moves: idsOf(late),
        ...orderRemedy(context, [finer, ...late]),
      },
    ];
  },
});
