import type { FilterKind } from '../filter/filterKind';
import type { Finding } from '../findings/finding';
import type { FindingLevel } from '../findings/findingLevel';
import type { Question } from '../findings/question';
import { PASS_THROUGH_GOAL } from '../practice/passThroughGoal';
import { serviceInterval } from '../practice/serviceInterval';
import { sentence, type Sentence } from '../units/sentence';
import { DAY } from '../units/time';
import type { PackReport } from './evaluatePack';

/** Times today’s food that the bacteria must be enough for at the careful end of their range. */
const MIN_BACTERIA_COVER = 1;
const SERIOUS_LEVELS: readonly FindingLevel[] = ['urgent', 'check'];

/** A question of which the figure misses its limit, though no finding says why. */
export interface Shortfall {
  readonly question: Question;
  readonly state: Sentence;
}

/** The gravest level of the serious findings that belong to a question; null: there is none. */
export function mostSevereOf(findings: readonly Finding[], question: Question): FindingLevel | null {
  const own = findings.filter((finding) => finding.question === question);
  return SERIOUS_LEVELS.find((level) => own.some((finding) => finding.level === level)) ?? null;
}

/**
 * The figures that miss their limits where no serious finding belongs to the same question: verdict and questions both go by
 * these.
 *
 * @param next of a pack of this kind, by the early end of the range, days; null: not within what was simulated; left out while
 *   there is no range
 */
export function shortfalls(
  { findings, layers, leastPassThrough, bacteria }: PackReport,
  next?: { readonly kind: FilterKind; readonly earliest: number | null },
): Shortfall[] {
  if (layers.length === 0) return [];
  const all: (Shortfall | null)[] = [
    leastPassThrough !== null && leastPassThrough < PASS_THROUGH_GOAL
      ? {
          question: 'through',
          state: sentence`Only ${{ kind: 'share', si: leastPassThrough }} of the water goes through the worst layer; it should be ${{ kind: 'share', si: PASS_THROUGH_GOAL }} or more.`,
        }
      : null,
    next !== undefined && next.earliest !== null && next.earliest < serviceInterval(next.kind)
      ? {
          question: 'clogs',
          state: sentence`It may need service after ${{ kind: 'days', si: Math.floor(next.earliest) * DAY }}; usual is ${{ kind: 'days', si: serviceInterval(next.kind) * DAY }} or more.`,
        }
      : null,
    bacteria !== null && bacteria.withTank.low < MIN_BACTERIA_COVER
      ? {
          question: 'bacteria',
          state: sentence`The bacteria may not be enough: at the low end, for ${{ kind: 'share', si: bacteria.withTank.low }} of today’s food.`,
        }
      : null,
  ];
  return all
    .filter((item) => item !== null)
    .filter(({ question }) => mostSevereOf(findings, question) === null);
}
