import { sentence } from '../units/sentence';
import { COMMON_PRACTICE, type StepRule } from './repackStep';

/** What shows whether the repack has worked. */
export const CHECK_STEPS: readonly StepRule[] = [
  {
    key: 'holds',
    title: 'Check the pack as you packed it',
    asks: 'holds',
    evidence: 'core/repack/reportAsPacked.ts',
  },
  {
    key: 'flow',
    title: 'Measure the flow',
    says: () => [
      sentence`Time a jug under the outlet three times. Later flows are compared with this clean flow.`,
    ],
    asks: 'flow',
    evidence: COMMON_PRACTICE,
  },
];
