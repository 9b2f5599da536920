import { cannotSpill } from '../../hydraulics/cannotSpill';
import { sentence, type Sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';

/**
 * What would happen to a hang-on-back if every layer were blocked, and the smallest cut that keeps it from spilling.
 *
 * @source weir and notch from `weir.ts`
 */
export const blockedSpill = defineRule({
  id: 'blocked-spill',
  question: 'clogs',
  levels: ['note'],
  judge: ({ filter, chambers, inFlow }) => {
    const { spill } = filter;
    if (spill === null || inFlow.length === 0 || spill.notch !== null) return [];
    const stack = Math.max(0, ...chambers.map(({ measure }) => measure.filledDepth));
    const guards = cannotSpill(filter, stack);
    if (guards === null) return [];
    const ways: Sentence[] = [
      ...(guards.notch === null
        ? []
        : [
            sentence`cut a relief notch ${{ kind: 'length', si: guards.notch.width }} wide, level with the lip`,
          ]),
      ...(guards.corner === null
        ? []
        : [
            sentence`cut a ${{ kind: 'length', si: guards.corner.side }} corner off every layer, which costs ${{ kind: 'volume', si: guards.corner.media }} of media and lets some water past`,
          ]),
    ];
    const [first, second] = ways;
    if (first === undefined) return [];
    return [
      {
        level: 'note',
        effect: 0,
        title: sentence`If every layer were blocked, the filter would overflow at the back.`,
        reason: sentence`${{ kind: 'flow', si: guards.flow }} would have nowhere else to go. To rule this out, ${first}${second === undefined ? '' : sentence`, or ${second}`}.`,
        layers: [],
      },
    ];
  },
});
