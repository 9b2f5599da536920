import type { Filter } from '../filter/filter';
import { cannotSpill, SPILL_MARGIN } from '../hydraulics/cannotSpill';
import { lipHeight } from '../hydraulics/lipHeight';
import { bypassFlow } from '../hydraulics/bypassFlow';
import { rimAboveLip } from '../hydraulics/rim';

/**
 * True for a hang-on-back that runs over its rim when no water goes through its media any more: its notch or edge does
 * not take all of what the pump still gives with the water at the rim.
 *
 * @param stack how high the media stand in the basket, m
 */
export function overflowsBlocked(filter: Filter, stack: number): boolean {
  const { spill } = filter;
  if (spill === null) return false;
  const guards = cannotSpill(filter, stack);
  // Even open water over the lip would stand above the rim.
  if (guards === null) return true;
  const past = bypassFlow(filter);
  if (past === null) return true;
  const overLip = lipHeight(spill, stack, guards.flow);
  return past(rimAboveLip(spill) - SPILL_MARGIN, overLip) < guards.flow;
}
