import { sentence } from '../units/sentence';
import { TRADE, type StepRule } from './repackStep';

/** What shows whether the repack has worked. */
export const CHECK_STEPS: readonly StepRule[] = [
  {
    key: 'holds',
    title: 'The pack as it went in',
    asks: 'holds',
    evidence: 'core/repack/asItWentIn.ts',
  },
  {
    key: 'flow',
    title: 'Measure the flow',
    says: () => [
      sentence`A jug under the outlet, three times: the clean flow that every later one is held against.`,
    ],
    asks: 'flow',
    evidence: TRADE,
  },
];
