import type { Finding } from '../findings/finding';
import { judgedBy } from '../findings/judgedBy';
import { mostMatureLeaves } from '../findings/rules/mostMatureLeaves';
import type { RuleContext } from '../findings/ruleContext';
import type { Layer } from '../layers/layer';

/** What `matureLeavesOf` reads in a report, for a sheet that needs nothing else of one and so loads no other rule. */
export const matureLeaves = (context: RuleContext, layers: readonly Layer[]): Finding | null =>
  judgedBy([mostMatureLeaves], context, layers)[0] ?? null;
