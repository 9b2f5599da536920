import { cannotSpill } from '../../hydraulics/cannotSpill';
import { sentence, type Sentence } from '../../units/sentence';
import type { Rule } from '../finding';

/** What would happen to a hang-on-back if every layer were blocked, and the smallest cut that keeps it from spilling. */
export const blockedSpill: Rule = ({ filter, chambers, inFlow }) => {
  const { spill } = filter;
  if (spill === null || inFlow.length === 0 || spill.notch !== null) return [];
  const stack = Math.max(0, ...chambers.map(({ measure }) => measure.filledDepth));
  const guards = cannotSpill(filter, stack);
  if (guards === null) return [];
  const ways: Sentence[] = [
    ...(guards.notch === null
      ? []
      : [
          sentence`a relief notch ${{ kind: 'length', si: guards.notch.width }} wide with its crest at the lip`,
        ]),
    ...(guards.corner === null
      ? []
      : [
          sentence`a corner of ${{ kind: 'length', si: guards.corner.side }} trimmed off every layer, at the price of ${{ kind: 'volume', si: guards.corner.media }} of media and of the water that goes by it`,
        ]),
  ];
  const [first, second] = ways;
  if (first === undefined) return [];
  return [
    {
      rule: 'blocked-spill',
      level: 'note',
      effect: 0,
      title: sentence`With every layer blocked it would spill at the back.`,
      reason: sentence`${{ kind: 'flow', si: guards.flow }} would have nowhere else to go. What keeps it from spilling whatever happens: ${first}${second === undefined ? '' : sentence`, or ${second}`}.`,
      layers: [],
    },
  ];
};
