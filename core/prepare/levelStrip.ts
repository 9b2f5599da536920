/** Marks of a strip on the wall of a hang-on-back, m below the rim over which it would spill; the rim is 0. */
export interface LevelStrip {
  readonly clean: number;
  /** When service is due; null: not within the days simulated. */
  readonly service: number | null;
  /** Length of the strip, m. */
  readonly length: number;
  /** Marks are less apart than a keeper can tell. */
  readonly tooClose: boolean;
}

/** Strip below the lowest mark, m. */
const LENGTH_BELOW_MARKS = 0.02;
/** Marks nearer than this cannot be distinguished at a glance, m (common practice, no source). */
const MIN_APART = 0.003;

/**
 * A strip for the wall of a hang-on-back: where the water stands when the pack is clean, when service is due, and when it
 * spills.
 *
 * @param headroom from the water before the pack to the rim, m, by day from the clean pack on
 * @param serviceDay null: not within the days
 * @returns null for a filter without a rim, and for one that spills while clean
 */
export function levelStrip(headroom: ArrayLike<number>, serviceDay: number | null): LevelStrip | null {
  const clean = headroom[0];
  if (clean === undefined || !Number.isFinite(clean) || clean <= 0) return null;
  const at = serviceDay === null ? null : Math.min(headroom.length - 1, Math.round(serviceDay));
  const due = at === null ? null : Math.max(0, headroom[at]!);
  return {
    clean,
    service: due,
    length: clean + LENGTH_BELOW_MARKS,
    tooClose: due !== null && (clean - due < MIN_APART || due < MIN_APART),
  };
}
