import type { FindingLevel } from './findingLevel';
import type { Judgement } from './judgement';
import type { Question } from './question';
import type { RuleContext } from './ruleContext';
import type { School } from './schools';

/** One judgement of the trade, a file each. */
export interface Rule<Id extends string = string, Level extends FindingLevel = FindingLevel> {
  /** The name of its file, in lower case with hyphens. */
  readonly id: Id;
  /** The question of the plan that its findings belong to. */
  readonly question: Question;
  /** The levels that it may raise, the most serious first. */
  readonly levels: readonly Level[];
  /** The question among keepers that it depends on; left out: keepers agree. */
  readonly school?: School;
  /** It speaks of what is nowhere in the pack: silent until every chamber is known. */
  readonly isOfWholePack?: boolean;
  readonly judge: (context: RuleContext) => readonly Judgement<Level>[];
}

/**
 * Declares a rule. What it finds, when that is urgent (`@urgent`) and where it comes from (`@source`) stand in the comment
 * above it, so that no browser loads them; `docs/rules.md` is made of both.
 *
 * @example
 * export const intakeDraught = defineRule({ id: 'intake-draught', question: 'through', levels: ['check'], judge });
 */
export const defineRule = <const Id extends string, const Level extends FindingLevel>(
  rule: Omit<Rule<Id, Level>, 'judge'> & {
    readonly judge: (context: RuleContext) => readonly Judgement<NoInfer<Level>>[];
  },
): Rule<Id, Level> => rule;
