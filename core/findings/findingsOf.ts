import type { Layer } from '../layers/layer';
import { RULES } from './allRules';
import type { Finding } from './finding';
import { judgedBy } from './judgedBy';
import type { RuleContext } from './ruleContext';

/** What every rule finds in a pack; `layers` as in `judgedBy`. */
export const findingsOf = (context: RuleContext, layers: readonly Layer[]): Finding[] =>
  judgedBy(RULES, context, layers);
