import { usableDepth } from '../../filter/usableDepth';
import { plainLayer } from '../../layers/plainLayer';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';
import { shareOfPack } from '../words';

/** How far below the lip a pack may end before the water finds it easier to go over it, m (common practice, no source). */
const MARGIN_BELOW_LIP = 0.01;
/** How far a spacer lifts it above the lip, m (calibrated). */
const SPACER_ABOVE_LIP = 0.005;
/** A taller spacer would take the room of media, m (common practice, no source). */
const MAX_SPACER = 0.03;
const SPACER = 'spacer';

/**
 * A pack in a basket flowed upward that ends below the lip: the water stands over it and goes over it, not through.
 *
 * @source geometry; the margin is calibrated
 */
export const flowedOver = defineRule({
  id: 'flowed-over',
  question: 'through',
  levels: ['check'],
  judge: ({ filter, chambers, inFlow, isReached }) => {
    const { spill } = filter;
    if (spill === null) return [];
    return chambers.flatMap(({ chamber, measure }) => {
      const inside = inFlow.filter((placed) => placed.chamber === chamber);
      const under = spill.lipAboveFloor - measure.filledDepth;
      if (
        !isReached(chamber) ||
        chamber.where !== 'body' ||
        chamber.way !== 'up' ||
        inside.length === 0 ||
        under <= MARGIN_BELOW_LIP
      )
        return [];
      // Whole millimetres: nobody cuts a spacer finer than that.
      const thickness = Math.ceil((under + SPACER_ABOVE_LIP) * 1e3) / 1e3;
      const isLow = thickness <= MAX_SPACER;
      const fits = isLow && measure.filledDepth + thickness <= usableDepth(chamber);
      return [
        {
          chamber: chamber.id,
          level: 'check' as const,
          effect: shareOfPack(inFlow, inside),
          title: sentence`${chamber.name}: the pack ends ${{ kind: 'length', si: under }} below the lip.`,
          reason: isLow
            ? sentence`If the basket is open at the top or sides, water flows over the pack instead of through it. Raise the pack on a ${{ kind: 'length', si: thickness }} spacer, or fill the basket up to the lip.`
            : sentence`If the basket is open at the top or sides, water flows over the pack instead of through it. Fill the basket up to the lip.`,
          layers: inside.map(({ layer }) => layer.id),
          ...(fits
            ? {
                remedy: {
                  label: 'Raise the pack on a spacer',
                  edit: {
                    type: 'add' as const,
                    layer: plainLayer(`spacer-${chamber.id}`, SPACER, chamber.id, thickness),
                    index: 0,
                  },
                },
              }
            : {}),
        },
      ];
    });
  },
});
