import { sentence } from '../../units/sentence';
import { LITRES_PER_HOUR } from '../../units/siFactors';
import { defineRule } from '../defineRule';
import { upperFirst } from '../../units/firstLetter';
import { idsOf, nameInside, shareOfPack } from '../words';

/**
 * Grains up to this choke, once dirty, a pump that is no stronger than what a usual small filter has, m; m³/s (common
 * practice, no source). How wide the chamber is does not matter to it: a clean bed costs less than 2 % of the flow through
 * 55 to 440 cm² alike.
 */
const SMALL_GRAIN = 0.006;
const WEAK_PUMP = 600 * LITRES_PER_HOUR;

/**
 * A bed of small grains across the whole chamber of a weak pump.
 *
 * @source common practice, no source
 */
export const tightGrains = defineRule({
  id: 'tight-grains',
  question: 'through',
  levels: ['check'],
  judge: ({ filter, inFlow }) => {
    if (filter.labelFlow > WEAK_PUMP) return [];
    return inFlow.flatMap((placed) => {
      const { geometry } = placed.medium;
      const small = geometry.form === 'grains' && geometry.grainSize <= SMALL_GRAIN;
      if (!small || placed.layer.holder !== 'none' || placed.measure.coverShare < 1) return [];
      return [
        {
          level: 'check' as const,
          effect: shareOfPack(inFlow, [placed]),
          title: sentence`${upperFirst(nameInside(placed))} fills the chamber with grains of ${{ kind: 'gap', si: geometry.grainSize }}.`,
          reason: sentence`Clean, they hardly slow the water. As they fill with dirt, they choke a ${{ kind: 'flow', si: filter.labelFlow }} pump. Put them in a bag in part of the chamber, or use coarser grains.`,
          layers: idsOf([placed]),
        },
      ];
    });
  },
});
