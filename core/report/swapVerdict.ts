import { SWAP_LIMITS, type Peaks } from '../biology/planSwap';
import type { Swap } from '../filter/swap';
import { sentence, type Sentence } from '../units/sentence';
import { nextStageDue } from './nextStageDue';
import type { Verdict } from './verdict';
import { DAY } from '../units/time';

/** Why no swap can be judged. */
export type NoSwap = 'no food' | 'nothing chosen' | 'no media';

const WORDS_BY_NO_SWAP: Readonly<Record<NoSwap, readonly [state: Sentence, next: Sentence]>> = {
  'no food': [
    sentence`The daily food is 0, so there is no ammonia to plan a swap by.`,
    sentence`If you feed this tank, enter the food under Measure.`,
  ],
  'no media': [
    sentence`The media in this filter is not entered yet.`,
    sentence`Enter the pack under Strip or Plan first.`,
  ],
  'nothing chosen': [
    sentence`No swap is planned.`,
    sentence`Choose the media to replace. The app then plans the stages.`,
  ],
};

/** A swap in one line: whether it holds, and when its next stage is due. */
export function swapVerdict(
  swap: Swap | NoSwap,
  judged: { readonly peaks: Peaks; readonly holds: boolean } | null,
  now: string,
): Verdict {
  if (typeof swap === 'string' || judged === null) {
    const [state, next] = WORDS_BY_NO_SWAP[typeof swap === 'string' ? swap : 'no food'];
    return { level: typeof swap === 'string' && swap !== 'nothing chosen' ? 'check' : 'works', state, next };
  }
  const { peaks, holds } = judged;
  const last = Math.max(0, ...swap.stages.map(({ day }) => day));
  const how =
    swap.stages.length === 1
      ? sentence`Replacing everything at once is`
      : sentence`${String(swap.stages.length)} stages over ${{ kind: 'days', si: last * DAY }} are`;
  return {
    level: holds ? 'works' : 'check',
    state: holds
      ? sentence`${how} safe: ammonia and nitrite stay under ${{ kind: 'concentration', si: SWAP_LIMITS.nitrite }}, even on the cautious estimate.`
      : sentence`${how} too fast: ${worst(peaks)}.`,
    next: nextStage(swap, holds, now),
  };
}

/** The value that passes its limit furthest. */
function worst(peaks: Peaks): Sentence {
  const over = [
    { name: 'ammonia', value: peaks.ammonia, limit: SWAP_LIMITS.ammonia },
    { name: 'nitrite', value: peaks.nitrite, limit: SWAP_LIMITS.nitrite },
    { name: 'free ammonia', value: peaks.freeAmmonia, limit: SWAP_LIMITS.freeAmmonia },
  ].sort((a, b) => b.value / b.limit - a.value / a.limit)[0]!;
  return sentence`${over.name} could rise to ${{ kind: 'concentration', si: over.value }}; the limit is ${{ kind: 'concentration', si: over.limit }}`;
}

function nextStage(swap: Swap, holds: boolean, now: string): Sentence {
  if (swap.begunOn === null)
    return holds
      ? sentence`Start the swap on the day you take out the first part.`
      : sentence`Leave more days between the stages, or add a stage.`;
  const due = nextStageDue(swap, now);
  if (due === null) return sentence`All stages are done. Test ammonia and nitrite for another week.`;
  const left = due.days;
  const number = String(due.number);
  if (left > 0)
    return sentence`Stage ${number} is due in ${{ kind: 'days', si: left * DAY }}. Test ammonia and nitrite before it.`;
  return left === 0
    ? sentence`Stage ${number} is due today. Test ammonia and nitrite first.`
    : sentence`Stage ${number} was due ${{ kind: 'days', si: -left * DAY }} ago. Late is safe. Test ammonia and nitrite first.`;
}
