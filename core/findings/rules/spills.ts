import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';

/** Headroom that is not enough for the pack to clog at all, m (calibrated). */
const NEARLY_OVER = 0.003;

/**
 * A hang-on-back whose water stands over its rim, or nearly, with this pack clean.
 *
 * @urgent the water stands above the rim, and neither lip nor rim is assumed
 * @source head over a lip from `weir.ts`; the margin is calibrated
 */
export const spills = defineRule({
  id: 'spills',
  question: 'through',
  levels: ['urgent', 'check'],
  judge: ({ water: { level }, filter, inFlow }) => {
    if (level === null || inFlow.length === 0 || level.headroom >= NEARLY_OVER) return [];
    const over = level.headroom < 0;
    const assumed = filter.assumed.includes('spill');
    return [
      {
        // Nothing that depends on a guess is urgent.
        level: over && !assumed ? 'urgent' : 'check',
        effect: over ? 1 : 1 - level.headroom / NEARLY_OVER,
        title: over
          ? sentence`The water is ${{ kind: 'gap', si: -level.headroom }} above the back rim${assumed ? ', if the lip and rim are as assumed' : ''}.`
          : sentence`The water is only ${{ kind: 'gap', si: level.headroom }} below the back rim, and the pack is still clean.`,
        reason: sentence`At ${{ kind: 'flow', si: filter.labelFlow }} on the label the water in front of this pack is ${{ kind: 'gap', si: level.beforePack }} above the lip; the rim is ${{ kind: 'gap', si: level.rim }} above it. ${over ? 'It spills.' : 'A little dirt will make it spill.'} Use coarser or less media, cut a relief notch, or recirculate part of the flow.${assumed ? ' The lip and rim are assumed: measure them first.' : ''}`,
        layers: inFlow.map((placed) => placed.layer.id),
      },
    ];
  },
});
