import { pumpCurve } from '../../hydraulics/pumpHead';
import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';

/** Share by which the free flow of an entered curve may differ from the label (calibrated: labels are rounded). */
const LABEL_TOLERANCE = 0.15;

/**
 * An entered pump curve that ends elsewhere than the label says: one of the two is wrong.
 *
 * @source a curve ends at the flow on its label, by definition
 */
export const pumpCurveLabel = defineRule({
  id: 'pump-curve-label',
  question: 'through',
  levels: ['check'],
  judge: ({ filter }) => {
    if (filter.pump.head.by !== 'curve') return [];
    const { freeFlow } = pumpCurve(filter);
    const apart = freeFlow / filter.labelFlow - 1;
    if (Math.abs(apart) <= LABEL_TOLERANCE) return [];
    return [
      {
        level: 'check',
        effect: Math.min(1, Math.abs(apart)),
        title: sentence`The pump curve ends at ${{ kind: 'flow', si: freeFlow }}; the label says ${{ kind: 'flow', si: filter.labelFlow }}.`,
        reason: sentence`The two should be the same. Check the points of the curve and their units, and whether the label is for one pump or for all of them.`,
        layers: [],
      },
    ];
  },
});
