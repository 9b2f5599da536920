import { GRAVITY, type Fluid } from '../hydraulics/fluid';

/** How much heavier wet fish dirt is than water, kg/m³ (calibrated). */
const EXCESS_DENSITY = 60;
/** The speed is found when it moves by less than this share, or after so many steps. */
const PRECISION = 1e-12;
const MAX_STEPS = 50;

/**
 * Speed at which a particle sinks in still water, m/s.
 *
 * @param diameter m, more than 0
 * @source Schiller & Naumann 1933 (Z. VDI 77, 318): C_d = 24/Re·(1 + 0.15 Re^0.687); Stokes’ law where Re is small.
 * @example settlingSpeed(100e-6, { density: 997, viscosity: 0.00089 }) // 0.000361
 */
export function settlingSpeed(diameter: number, { density, viscosity }: Fluid): number {
  const stokes = (EXCESS_DENSITY * GRAVITY * diameter ** 2) / (18 * viscosity);
  let speed = stokes;
  // Newton’s method from above on v·(1 + 0.15 Re^0.687) = Stokes’ speed, which only curves upwards: it cannot miss.
  for (let step = 0; step < MAX_STEPS; step += 1) {
    const drag = 0.15 * ((density * speed * diameter) / viscosity) ** 0.687;
    const next = speed - (speed * (1 + drag) - stokes) / (1 + 1.687 * drag);
    if (Math.abs(next - speed) < PRECISION * stokes) return next;
    speed = next;
  }
  return speed;
}
