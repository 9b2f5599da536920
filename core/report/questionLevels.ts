import type { FilterKind } from '../filter/filterKind';
import type { Finding, FindingLevel } from '../findings/finding';
import { questionOf, type Question } from '../findings/questionOf';
import { PASS_THROUGH_GOAL } from '../practice/passThroughGoal';
import { serviceInterval } from '../practice/serviceInterval';
import type { PackReport } from './evaluatePack';

/** How one of the four questions is answered; null: nothing can be said yet. */
export type QuestionLevel = FindingLevel | 'good' | null;

const SERIOUS: readonly FindingLevel[] = ['urgent', 'check'];
/** Cover of the bacteria below which they are not enough even by the careful end: today’s food. */
const ENOUGH = 1;

/**
 * How each question is answered: by the gravest finding that belongs to it, else by its figure against its limit.
 *
 * @param earliest day of the next service by the early end of its range; null: not within what was simulated; left out
 *   while there is no range
 */
export function questionLevels(
  { findings, layers, leastPassThrough, bacteria }: PackReport,
  kind: FilterKind,
  earliest?: number | null,
): Readonly<Record<Question, QuestionLevel>> {
  const gravest = (question: Question): FindingLevel | null => {
    const own: readonly Finding[] = findings.filter(({ rule }) => questionOf(rule) === question);
    return SERIOUS.find((level) => own.some((finding) => finding.level === level)) ?? null;
  };
  const by = (isMissed: boolean): 'check' | 'good' => (isMissed ? 'check' : 'good');
  const empty = layers.length === 0;
  return {
    through: empty
      ? null
      : (gravest('through') ?? by(leastPassThrough !== null && leastPassThrough < PASS_THROUGH_GOAL)),
    clogs:
      gravest('clogs') ??
      (earliest === undefined ? null : by(earliest !== null && earliest < serviceInterval(kind))),
    bacteria: gravest('bacteria') ?? (bacteria === null || empty ? null : by(bacteria.withTank.low < ENOUGH)),
    cost: gravest('cost'),
  };
}
