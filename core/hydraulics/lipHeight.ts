import type { Spill } from '../filter/spill';
import { solveFalling } from '../maths/solveFalling';
import { weirFlow, weirHeight } from './weir';

/** Share of the lip’s width that media take which stand all through the water over it (calibrated). */
const NARROWED_SHARE = 0.3;
/** How far it may be off either way for two thirds of baskets, and the most that it is (calibrated). */
const NARROWED_SPREAD = 0.1;
const MAX_NARROWED = 0.4;

/** A lip with the share that media narrow it by, where that is drawn anew; left out: the usual. Never stored. */
export type Lip = Pick<Spill, 'lipWidth' | 'lipAboveFloor'> & { readonly narrowed?: number };

/** Share by which media narrow a lip, 0 to 0.4, at so many spreads from the usual. */
export const narrowedAt = (spreads: number): number =>
  Math.min(MAX_NARROWED, Math.max(0, NARROWED_SHARE + NARROWED_SPREAD * spreads));
/** Height to which the level is found, m. */
const PRECISION = 1e-9;

/**
 * Height of the water over the lip of a hang-on-back, m. Media that stand above the lip narrow it, the more of the
 * water they reach through.
 *
 * @param stack height of the media above the floor of the basket, m
 * @param flow m³/s
 * @source the lip as a weir, its width less what stands in it.
 */
export function lipHeight(
  { lipWidth, lipAboveFloor, narrowed = NARROWED_SHARE }: Lip,
  stack: number,
  flow: number,
): number {
  const over = Math.max(0, stack - lipAboveFloor);
  const free = weirHeight(lipWidth, flow);
  if (over === 0 || free === 0) return free;
  const width = (height: number): number => lipWidth * (1 - narrowed * Math.min(1, over / height));
  return solveFalling(
    (height) => flow - weirFlow(width(height), height),
    free,
    weirHeight(lipWidth * (1 - narrowed), flow),
    PRECISION,
  );
}
