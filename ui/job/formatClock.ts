import { HOUR } from '@/core/units/time';

/** A span of time as a clock shows it: "38:05", or "1:38:05" from an hour on. */
export function formatClock(seconds: number): string {
  const whole = Math.max(0, Math.floor(seconds));
  const two = (value: number): string => String(value).padStart(2, '0');
  const hours = Math.floor(whole / HOUR);
  const minutes = Math.floor((whole % HOUR) / 60);
  return `${hours > 0 ? `${hours}:${two(minutes)}` : minutes}:${two(whole % 60)}`;
}
