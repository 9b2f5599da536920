import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, nameInside, shareOfPack } from '../words';

/** Share of the chamber that a bag must cover to reach the walls. */
const MIN_COVER = 0.995;

/**
 * A bag that does not reach the walls: water goes around it, unless pads touch it on both sides or floss fills the
 * gap.
 *
 * @source common practice, no source
 */
export const thinBag = defineRule({
  id: 'thin-bag',
  question: 'through',
  levels: ['check'],
  judge: ({ inFlow, flowOf, schools }) =>
    inFlow.flatMap((placed, index) => {
      const bagged = placed.layer.holder === 'bag' || placed.layer.holder === 'small bags';
      const { coverShare } = placed.measure;
      if (
        placed.role !== 'chemical' ||
        !bagged ||
        coverShare >= MIN_COVER ||
        placed.layer.gapFill === 'floss'
      )
        return [];
      const [before, after] = [inFlow[index - 1], inFlow[index + 1]];
      const pad = (beside: typeof before): boolean =>
        beside?.chamber === placed.chamber && beside.medium.compressible && beside.measure.coverShare === 1;
      if (pad(before) && pad(after)) return [];
      return [
        {
          level: 'check' as const,
          effect: shareOfPack(inFlow, [placed]),
          title: sentence`${upperFirst(nameInside(placed))}: the bag covers ${{ kind: 'share', si: coverShare }} of the chamber.`,
          reason: sentence`The bag does not reach the walls, so only ${{ kind: 'share', si: flowOf(placed).passThrough }} of the water goes through it. ${schools.finePad === 'after' ? 'Wrap it in floss, or use a bag that fills the chamber.' : 'Lay it between two pads that touch it and the walls, or wrap it in floss.'}`,
          layers: idsOf([placed]),
        },
      ];
    }),
});
