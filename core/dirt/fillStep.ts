import { depositStep, type DepositStep } from './depositStep';
import type { DirtNumbers } from './dirtNumbers';
import type { SimulationState } from './simulationState';
import { SIZES } from './sizeClasses';
import { DAY } from '../units/time';

/** Of one slice; used again and again. */
const step: DepositStep = { deposit: 0, caught: 0, rotted: 0 };
/** What a m³/s cleared brings of each size in a step, kg s/m³. */
const brings = new Float64Array(SIZES);

/**
 * Fills every slice for one step. What a slice refuses because it fills up within the step settles in the tank.
 *
 * @param waters suspended solids by size, kg/m³
 * @param decay share that rots in a day
 * @param length of the step, days
 * @param isTrial fills only what the flow depends on, to look ahead: keeps sizes only where they count
 * @returns dry kg caught and rotted
 * @source {@link depositStep} for all sizes together; decay takes the same share of each, and what is newly caught is
 *   added by the rates at which the sizes come.
 */
export function fillStep(
  { beds, mass, deposits, depositsAtCapture, floorMass, capture, caughtBy }: SimulationState,
  waters: Float64Array,
  decay: number,
  length: number,
  { sludgeDensity }: DirtNumbers,
  isTrial = false,
): { caught: number; rotted: number } {
  let caughtAll = 0;
  let rottedAll = 0;
  const remains = Math.exp(-decay * length);
  for (let size = 0; size < SIZES; size += 1) brings[size] = waters[size]! * DAY * length;
  const { volume } = beds;
  const { cleared, floor } = capture;
  for (const bed of beds.list) {
    let caughtHere = 0;
    for (let slice = bed.first; slice < bed.first + bed.slices; slice += 1) {
      const index = slice * SIZES;
      const room = sludgeDensity * volume[slice]!;
      let comes = 0;
      for (let size = 0; size < SIZES; size += 1) comes += cleared[index + size]! * brings[size]!;
      const before = deposits[slice]!;
      if (comes === 0 && before === 0) continue;
      const free = bed.ultimate - depositsAtCapture[slice]!;
      depositStep(before, bed.ultimate, comes / length / room, free, decay, length, step);
      deposits[slice] = step.deposit;
      if (isTrial && !bed.resistance.bySize) continue;
      const taken = comes > 0 ? (step.caught * room) / comes : 0;
      // What was caught rots from when it was caught: the classes are scaled so that they add up to the deposit.
      const sum = before * room * remains + comes * taken;
      const scale = sum > 0 ? (step.deposit * room) / sum : 0;
      for (let size = 0; size < SIZES; size += 1)
        mass[index + size] =
          (mass[index + size]! * remains + cleared[index + size]! * brings[size]! * taken) * scale;
      caughtHere += step.caught * room;
      rottedAll += step.rotted * room;
    }
    caughtBy[bed.layerAt] = caughtBy[bed.layerAt]! + caughtHere;
    caughtAll += caughtHere;
  }
  if (isTrial) return { caught: caughtAll, rotted: rottedAll };
  const gone = -Math.expm1(-decay * length);
  for (let size = 0; size < SIZES; size += 1) {
    const fallen = floor[size]! * brings[size]!;
    if (fallen === 0 && floorMass[size] === 0) continue;
    const lay = floorMass[size]!;
    rottedAll += (lay + fallen) * gone;
    floorMass[size] = (lay + fallen) * (1 - gone);
    caughtAll += fallen;
  }
  return { caught: caughtAll, rotted: rottedAll };
}
