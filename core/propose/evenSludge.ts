/*
 * Sludge that comes evenly and rots: dm/dt = rate − decay·m, from none. Masses dry kg, rates kg a day, decay a day.
 */

/** Days until it has come to an amount; Infinity where it never does. */
export function daysToSludge(amount: number, rate: number, decay: number): number {
  const share = rate > 0 ? (amount * decay) / rate : Infinity;
  return share >= 1 ? Infinity : -Math.log1p(-share) / decay;
}

/** What it has come to after some days. */
export const sludgeAfter = (days: number, rate: number, decay: number): number =>
  (rate / decay) * (1 - Math.exp(-decay * days));
