import type { RuleId } from './allRules';
import type { Judgement } from './judgement';
import type { Question } from './question';
import type { School } from './schools';

/** A judgement with what its rule declares. */
export interface Finding extends Judgement {
  readonly rule: RuleId;
  /** The question of the plan that it belongs to. */
  readonly question: Question;
  /** The question among keepers that it depends on; it was judged by the school the keeper chose. */
  readonly school?: School;
}
