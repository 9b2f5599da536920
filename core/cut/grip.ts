import type { FilterKind } from '../filter/filterKind';
import { isHangOnBack } from '../filter/kindFamily';
import type { Medium } from '../media/medium';

/**
 * How much larger than its place a piece is cut so that it grips the walls, m in all (common practice, no source: “a
 * little oversize”, and soft pads more than stiff foam).
 */
const GRIP = { foam: 3e-3, coarseFoam: 4e-3, floss: 5e-3 } as const;
/** A thin-walled basket bulges when it is stuffed: there, half of it (common practice, no source). */
const IN_BASKET = 0.5;
/** Never more than this share of the piece: small pieces would buckle. */
const MAX_GRIP_SHARE = 0.04;

/**
 * How much is added to a side of a piece for grip, m.
 *
 * @param side of the place it goes to, m
 */
export function gripOf(
  { family, grade }: Pick<Medium, 'family' | 'grade'>,
  kind: FilterKind,
  side: number,
): number {
  const grip = family === 'floss' ? GRIP.floss : grade === 'coarse' ? GRIP.coarseFoam : GRIP.foam;
  return Math.min(MAX_GRIP_SHARE * side, isHangOnBack(kind) ? IN_BASKET * grip : grip);
}
