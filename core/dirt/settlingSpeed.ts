import { GRAVITY, type Fluid } from '../hydraulics/fluid';

/** How much heavier wet fish dirt is than water, kg/m³ (calibrated). */
const EXCESS_DENSITY = 60;
/** The speed is found when it moves by less than this share, or after so many steps. */
const PRECISION = 1e-12;
const MOST_STEPS = 200;

/**
 * Speed at which a particle sinks in still water, m/s.
 *
 * @param diameter m, more than 0
 * @source Schiller & Naumann 1933: C_d = 24/Re·(1 + 0.15 Re^0.687); Stokes’ law where Re is small. From memory.
 * @example settlingSpeed(100e-6, { density: 997, viscosity: 0.00089 }) // 0.000361
 */
export function settlingSpeed(diameter: number, { density, viscosity }: Fluid): number {
  const stokes = (EXCESS_DENSITY * GRAVITY * diameter ** 2) / (18 * viscosity);
  let speed = stokes;
  for (let step = 0; step < MOST_STEPS; step += 1) {
    const reynolds = (density * speed * diameter) / viscosity;
    // Half of the old speed is kept: the bare step swings around the root for the largest sizes.
    const next = 0.5 * (speed + stokes / (1 + 0.15 * reynolds ** 0.687));
    if (Math.abs(next - speed) < PRECISION * stokes) return next;
    speed = next;
  }
  return speed;
}
