/**
 * Seconds that a timer still runs. A clock that was set back never makes it longer than it was.
 *
 * @param startedAt ISO moment
 * @param seconds for how long it runs in all
 * @param now ISO moment
 * @example timeLeft('2026-01-01T10:00:00Z', 600, '2026-01-01T10:04:00Z') // 360
 */
export const timeLeft = (startedAt: string, seconds: number, now: string): number =>
  Math.min(seconds, Math.max(0, seconds - (Date.parse(now) - Date.parse(startedAt)) / 1000));
