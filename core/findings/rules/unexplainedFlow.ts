import { sentence } from '../../units/sentence';
import { defineRule } from '../defineRule';

/**
 * A flow timed with the clean pack that nothing plausible explains: an entry of the survey is likely wrong, or water
 * is lost on its way. What is likeliest comes first.
 *
 * @source the fit of `cleanFlowFit.ts`; what is likeliest: common practice, no source
 */
export const unexplainedFlow = defineRule({
  id: 'unexplained-flow',
  question: 'through',
  levels: ['check'],
  judge: ({ cleanFlow, filter }) => {
    if (cleanFlow?.fit.verdict !== 'unexplained') return [];
    const { measured, fit } = cleanFlow;
    const flow = { kind: 'flow', si: measured } as const;
    const predicted = { kind: 'flow', si: fit.predicted } as const;
    const hoses = filter.hoses === null ? '' : ', the bore of the hoses';
    return [
      {
        level: 'check',
        effect: Math.min(1, Math.abs(measured / fit.predicted - 1)),
        title: sentence`You measured ${flow} with the clean pack; ${predicted} was predicted.`,
        reason:
          measured > fit.predicted
            ? sentence`The assumed pump and hoses allow ${{ kind: 'flow', si: fit.high }} at most. Check the size of the jug, the flow on the label${hoses} and the layers entered.`
            : sentence`The assumed pump and hoses should give at least ${{ kind: 'flow', si: fit.low }}. Look for a half-closed tap, a slimy hose or a dirty impeller, then check the flow on the label${hoses}.`,
        layers: [],
      },
    ];
  },
});
