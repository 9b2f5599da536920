import type { Work } from './visit';

/** Share of the sludge that stays in a layer after the work; a recharge ends in a thorough rinse (calibrated). */
export const RETAINED_SLUDGE_SHARE: Readonly<Record<Work, number>> = {
  squeeze: 0.15,
  rinse: 0.5,
  replace: 0,
  recharge: 0.1,
};
