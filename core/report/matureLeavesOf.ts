import type { Finding } from '../findings/finding';
import type { RuleId } from '../findings/allRules';
import type { PackReport } from './evaluatePack';

/** The rule that is repeated wherever media is about to leave. */
export const MATURE_LEAVES: RuleId = 'most-mature-leaves';

/** What a report says of mature media that leaves at once; null: enough stays. */
export const matureLeavesOf = ({ findings }: Pick<PackReport, 'findings'>): Finding | null =>
  findings.find(({ rule }) => rule === MATURE_LEAVES) ?? null;
