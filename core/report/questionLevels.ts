import type { FilterKind } from '../filter/filterKind';
import type { FindingLevel } from '../findings/findingLevel';
import type { Question } from '../findings/question';
import type { PackReport } from './evaluatePack';
import { mostSevereOf, shortfalls } from './shortfalls';

/** How one of the four questions is answered; null: no answer yet. */
export type QuestionLevel = FindingLevel | 'good' | null;

/**
 * How each question is answered: by the gravest finding that belongs to it, else by its figure against its limit.
 *
 * @param earliest day of the next service by the early end of its range; null: not within what was simulated; left out
 *   while there is no range
 */
export function questionLevels(
  report: PackReport,
  kind: FilterKind,
  earliest?: number | null,
): Readonly<Record<Question, QuestionLevel>> {
  const missed = new Set(
    shortfalls(report, earliest === undefined ? undefined : { kind, earliest }).map(
      ({ question }) => question,
    ),
  );
  const isEmpty = report.layers.length === 0;
  const answered = (question: Question, isKnown: boolean): QuestionLevel =>
    mostSevereOf(report.findings, question) ??
    (isEmpty || !isKnown ? null : missed.has(question) ? 'check' : 'good');
  return {
    through: isEmpty ? null : answered('through', true),
    clogs: answered('clogs', earliest !== undefined),
    bacteria: answered('bacteria', report.bacteria !== null),
    cost: mostSevereOf(report.findings, 'cost'),
  };
}
