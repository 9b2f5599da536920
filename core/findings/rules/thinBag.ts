import type { PlacedLayer } from '../../layers/placedLayer';
import type { RuleContext } from '../ruleContext';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, nameInside, shareOfPack } from '../words';

/** Free share of a chamber's depth from which on it is mostly empty (common practice, no source). */
const MOSTLY_EMPTY = 0.5;
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
  judge: ({ inFlow, flowOf, schools, chambers }) =>
    inFlow.flatMap((placed, index) => {
      const bagged = placed.layer.holder === 'bag' || placed.layer.holder === 'small bags';
      const { coverShare } = placed.measure;
      if (
        placed.role === 'chemical' &&
        bagged &&
        placed.layer.cut === null &&
        isMostlyEmpty(chambers, placed)
      )
        return [
          {
            level: 'check' as const,
            effect: shareOfPack(inFlow, [placed]),
            title: sentence`${upperFirst(nameInside(placed))}: the size of the bag is not entered.`,
            reason: sentence`Most of ${placed.chamber.name} is empty, so the bag may lie there without reaching the walls. Select the layer and enter how long and wide the bag is.`,
            layers: idsOf([placed]),
          },
        ];
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

/** True where a bag lies in a chamber of which more than half is free: nothing beside it says how large it is. */
const isMostlyEmpty = (chambers: RuleContext['chambers'], { chamber }: PlacedLayer): boolean =>
  chambers.some(
    ({ chamber: candidate, measure }) =>
      candidate === chamber && measure.freeDepth > MOSTLY_EMPTY * measure.usableDepth,
  );
