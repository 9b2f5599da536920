import type { Swap, SwapStage } from '../filter/swap';
import { DAY_MS } from '../units/daysBetween';

/** The stages that are not done yet, earliest first. */
export const stagesAhead = ({ stages }: Pick<Swap, 'stages'>): readonly SwapStage[] =>
  stages.filter(({ doneOn }) => doneOn === null).sort((a, b) => a.day - b.day);

/** The stage of a running swap that is next, and the days until it is due; null where none is ahead. */
export function nextStageDue(
  swap: Swap,
  now: string,
): { readonly number: number; readonly days: number } | null {
  const [next] = stagesAhead(swap);
  if (next === undefined || swap.begunOn === null) return null;
  return {
    number: swap.stages.indexOf(next) + 1,
    days: Math.round((Date.parse(swap.begunOn) - Date.parse(now.slice(0, 10))) / DAY_MS) + next.day,
  };
}
