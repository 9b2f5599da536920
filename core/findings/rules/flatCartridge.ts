import { UPRIGHT_PAD_GAP } from '../../practice/uprightPadGap';
import { usableDepth } from '@/core/filter/usableDepth';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, nameInside, shareOfPack } from '../words';

/** A pad thicker than this is a block that fills its slot, m (common practice, no source). */
const BLOCK = 0.025;

/**
 * A pad pressed flat on the back wall of the body, in its last slot, passes no water; a snug block fills its slot on
 * purpose.
 *
 * @source common practice, no source
 */
export const flatCartridge = defineRule({
  id: 'flat-cartridge',
  question: 'through',
  levels: ['check'],
  judge: ({ filter, chambers, inFlow }) => {
    if (filter.kind !== 'hang-on-back-cartridge') return [];
    const lastSlot = filter.chambers.findLast(({ where }) => where === 'body');
    return chambers.flatMap(({ chamber, measure }) => {
      if (chamber !== lastSlot) return [];
      const inside = inFlow.filter((placed) => placed.chamber === chamber);
      const last = inside.at(-1);
      const flat =
        last !== undefined &&
        last.medium.supply !== 'loose' &&
        last.layer.thickness < BLOCK &&
        measure.overfill === 0;
      if (!flat || measure.filledDepth <= usableDepth(chamber) - UPRIGHT_PAD_GAP) return [];
      return [
        {
          level: 'check' as const,
          effect: shareOfPack(inFlow, [last]),
          title: sentence`${upperFirst(nameInside(last))} lies flat on the wall of ${chamber.name.toLowerCase()}.`,
          reason: sentence`No water gets through a pad pressed against the wall. Leave at least ${{ kind: 'gap', si: UPRIGHT_PAD_GAP }} free behind it.`,
          layers: idsOf([last]),
        },
      ];
    });
  },
});
