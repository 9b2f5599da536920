import type { Visit } from '@/core/pack/visit';

/** The visits with one of them on another day, within the year and never on the day of another. */
export function moveVisit(visits: readonly Visit[], place: number, day: number, days: number): Visit[] {
  const held = Math.min(days, Math.max(1, day));
  const taken = visits.some((visit, index) => index !== place && visit.day === held);
  return visits.map((visit, index) => (index === place && !taken ? { ...visit, day: held } : visit));
}
