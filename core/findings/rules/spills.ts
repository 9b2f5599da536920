import { sentence } from '../../units/sentence';
import type { Rule } from '../finding';

/** Headroom that is not enough for the pack to clog at all, m (calibrated). */
const NEARLY_OVER = 0.003;

/** A hang-on-back whose water stands over its rim, or nearly, with this pack clean. */
export const spills: Rule = ({ water: { level }, filter, inFlow }) => {
  if (level === null || inFlow.length === 0 || level.headroom >= NEARLY_OVER) return [];
  const over = level.headroom < 0;
  const assumed = filter.assumed.includes('spill');
  return [
    {
      rule: 'spills',
      // Nothing is urgent that hangs on a guess.
      level: over && !assumed ? 'urgent' : 'check',
      effect: over ? 1 : 1 - level.headroom / NEARLY_OVER,
      title: over
        ? sentence`Water stands ${{ kind: 'gap', si: -level.headroom }} above the rim at the back${assumed ? ', if lip and rim are as assumed' : ''}.`
        : sentence`Only ${{ kind: 'gap', si: level.headroom }} of headroom, with the pack still clean.`,
      reason: sentence`At ${{ kind: 'flow', si: filter.labelFlow }} on the label the water stands ${{ kind: 'gap', si: level.beforePack }} over the lip before this pack; the rim is ${{ kind: 'gap', si: level.rim }} over it. ${over ? 'It spills.' : 'A little dirt, and it spills.'} Coarser or less media, a relief notch, or sending part of the flow round again lowers it.${assumed ? ' Lip and rim are assumed: measure them first.' : ''}`,
      layers: inFlow.map((placed) => placed.layer.id),
    },
  ];
};
