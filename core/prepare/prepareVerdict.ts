import type { CutChanges } from '../cut/afterCutting';
import type { Verdict } from '../report/verdict';
import { sentence, type Sentence } from '../units/sentence';
import { dueSteps, type ProgrammeStep } from './programme';
import type { Need } from './shopping';

/** What is known of how ready a repack is. */
export interface Readiness {
  /** Nothing is planned yet. */
  readonly isEmpty: boolean;
  /** Its pieces were cut. */
  readonly isCut: boolean;
  /** How the plan differs from what was cut. */
  readonly changes: CutChanges;
  /** Pieces that no sheet is large enough for. */
  readonly tooLarge: number;
  readonly needs: readonly Need[];
  readonly steps: readonly ProgrammeStep[];
  /** ISO date; null: no day is chosen. */
  readonly repackOn: string | null;
  /** The earliest day on which all can be ready, and how a keeper writes it. */
  readonly earliest: { readonly date: string; readonly said: string };
  readonly now: string;
}

const counted = (count: number, one: string, many: string): string => `${count} ${count === 1 ? one : many}`;

/** Joins parts as a sentence does: “a, b and c”. */
const joined = (parts: readonly string[]): string =>
  parts.length < 2 ? (parts[0] ?? '') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;

/** How ready a repack is, in one line, and what comes next. */
export function prepareVerdict(ready: Readiness): Verdict {
  const { isEmpty, isCut, changes, tooLarge, needs, steps, repackOn, earliest, now } = ready;
  const missing = changes.missing.length;
  const open = steps.filter(({ doneAt, key }) => doneAt === null && key !== 'cut').length;
  const toBuy = needs.filter(({ buy }) => buy !== null).length;
  if (isEmpty)
    return {
      level: 'empty',
      state: sentence`The plan is empty: add its layers on Plan first.`,
      next: sentence`This page will then show what to buy, cut and prepare.`,
    };
  if (tooLarge > 0)
    return {
      level: 'check',
      state: sentence`${counted(tooLarge, 'piece is', 'pieces are')} larger than any sheet.`,
      next: sentence`Enter a larger sheet on Shelf, or make the piece smaller on Plan.`,
    };
  if (isCut && missing + changes.notNeeded > 0)
    return {
      level: 'check',
      state: sentence`The plan has changed since its pieces were cut: ${missing > 0 ? `${counted(missing, 'piece is', 'pieces are')} missing` : `${counted(changes.notNeeded, 'piece is', 'pieces are')} no longer needed`}.`,
      next:
        missing > 0
          ? sentence`Cut the missing pieces, then press “Mark as cut” again.`
          : sentence`Keep them for later and add them to the shelf.`,
    };
  const left = [
    ...(toBuy > 0 ? [`${counted(toBuy, 'item', 'items')} to buy`] : []),
    ...(missing > 0 ? [`${counted(missing, 'piece', 'pieces')} to cut`] : []),
    ...(open > 0 ? [`${counted(open, 'preparation', 'preparations')} to do`] : []),
  ];
  if (left.length === 0)
    return {
      level: 'works',
      state: sentence`Everything is ready for the repack.`,
      next: sentence`Go to the packing list when you are ready to open the filter.`,
    };
  const due = dueSteps(steps, now).length;
  return {
    level: toBuy > 0 || due > 0 ? 'check' : 'works',
    state: sentence`Before the filter is opened: ${joined(left)}.`,
    next: nextStep(due, repackOn, earliest),
  };
}

function nextStep(due: number, repackOn: string | null, earliest: Readiness['earliest']): Sentence {
  if (repackOn === null)
    return sentence`Everything can be ready on ${earliest.said}: choose the day of the repack.`;
  if (repackOn < earliest.date)
    return sentence`The day of the repack is too soon: everything can be ready on ${earliest.said}.`;
  return due > 0
    ? sentence`${counted(due, 'preparation is', 'preparations are')} due today.`
    : sentence`Nothing is due today.`;
}
