import type { Visit } from '@/core/pack/visit';

/** The visits with one of them on another day, within the year and never on the day of another. */
export function moveVisit(visits: readonly Visit[], at: number, day: number, days: number): Visit[] {
  const held = Math.min(days, Math.max(1, day));
  const taken = visits.some((visit, index) => index !== at && visit.day === held);
  return visits.map((visit, index) => (index === at && !taken ? { ...visit, day: held } : visit));
}
