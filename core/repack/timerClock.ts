/** A look at both clocks of a device, ms: the one on its wall, which may be set, and the one that only runs on. */
export interface ClockLook {
  readonly wall: number;
  readonly steady: number;
}

/** Difference of the two clocks above which one of them was set or stood still, ms. */
const MAX_CLOCK_JUMP = 2000;

/**
 * How far a timer has run, ms, some time after it had run `elapsed`. A clock that is set meanwhile changes nothing; while a
 * device sleeps, its steady clock may stand still and the one on the wall counts.
 *
 * @param slept the page was out of sight since the last look
 */
export function timerElapsed(elapsed: number, before: ClockLook, now: ClockLook, slept: boolean): number {
  const wall = now.wall - before.wall;
  const steady = Math.max(0, now.steady - before.steady);
  const wasSet = wall < steady - MAX_CLOCK_JUMP || (wall > steady + MAX_CLOCK_JUMP && !slept);
  return elapsed + (wasSet ? steady : Math.max(wall, steady));
}

/**
 * How far a timer has run when its page is opened, ms: by the wall clock alone, which may have been set back since.
 *
 * @param startedAt ISO moment
 * @param wall ms since 1970
 */
export const elapsedAtOpening = (startedAt: string, wall: number): number =>
  Math.max(0, wall - Date.parse(startedAt));
