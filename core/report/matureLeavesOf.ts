import type { Finding } from '../findings/finding';
import { MATURE_LEAVES } from '../findings/rules/mostMatureLeaves';
import type { PackReport } from './evaluatePack';

/** What a report says of mature media that leaves at once; null: enough stays. */
export const matureLeavesOf = ({ findings }: Pick<PackReport, 'findings'>): Finding | null =>
  findings.find(({ rule }) => rule === MATURE_LEAVES) ?? null;
