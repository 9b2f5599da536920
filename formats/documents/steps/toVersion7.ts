import type { Step } from '../step';

/** From version 6: a repack keeps which of its steps are done, and when each was ticked or unticked. */
export const toVersion7: Step = {
  job: (doc) => ({ ticks: [], ...doc }),
};
