import { depositStep } from './depositStep';
import type { DirtNumbers } from './dirtNumbers';
import type { SimulationState } from './simulationState';
import { SIZES } from './sizeClasses';
import { DAY } from '../units/time';

/** What comes to one slice in a step, by size, dry kg; used again and again. */
const came = new Float64Array(SIZES);
/** What a m³/s cleared brings of each size in a step, kg s/m³. */
const brings = new Float64Array(SIZES);

/**
 * Fills every slice for one step. What a slice refuses because it fills up within the step stays afloat and comes
 * again in the next: were it lost, the answer would hang on the step.
 *
 * @param waters suspended solids by size, kg/m³
 * @param decay share that rots in a day
 * @param length of the step, days
 * @param left what was refused, kg by size, is added here
 * @returns dry kg caught and rotted
 * @source {@link depositStep} for all sizes together; decay takes the same share of each, and what is newly caught is
 *   added by the rates at which the sizes come.
 */
export function fillStep(
  { beds, mass, deposits, floorMass, capture, caughtBy }: SimulationState,
  waters: Float64Array,
  decay: number,
  length: number,
  { sludgeDensity }: DirtNumbers,
  left: Float64Array,
): { caught: number; rotted: number } {
  let caughtAll = 0;
  let rottedAll = 0;
  const remains = Math.exp(-decay * length);
  for (let size = 0; size < SIZES; size += 1) brings[size] = waters[size]! * DAY * length;
  for (const bed of beds.list) {
    let caughtHere = 0;
    for (let slice = bed.first; slice < bed.first + bed.slices; slice += 1) {
      const index = slice * SIZES;
      const room = sludgeDensity * beds.volume[slice]!;
      let comes = 0;
      for (let size = 0; size < SIZES; size += 1) {
        came[size] = capture.cleared[index + size]! * brings[size]!;
        comes += came[size]!;
      }
      const before = deposits[slice]!;
      if (comes === 0 && before === 0) continue;
      const step = depositStep(before, bed.ultimate, comes / length / room, decay, length);
      deposits[slice] = step.deposit;
      const taken = comes > 0 ? (step.caught * room) / comes : 0;
      // What was caught rots from when it was caught: the classes are scaled so that they add up to the deposit.
      const sum = before * room * remains + comes * taken;
      const scale = sum > 0 ? (step.deposit * room) / sum : 0;
      for (let size = 0; size < SIZES; size += 1) {
        const comesHere = came[size]!;
        mass[index + size] = (mass[index + size]! * remains + comesHere * taken) * scale;
        left[size] = left[size]! + comesHere * (1 - taken);
      }
      caughtHere += step.caught * room;
      rottedAll += step.rotted * room;
    }
    caughtBy[bed.layerAt] = caughtBy[bed.layerAt]! + caughtHere;
    caughtAll += caughtHere;
  }
  const gone = -Math.expm1(-decay * length);
  for (let size = 0; size < SIZES; size += 1) {
    const fallen = capture.floor[size]! * brings[size]!;
    if (fallen === 0 && floorMass[size] === 0) continue;
    const lay = floorMass[size]!;
    rottedAll += (lay + fallen) * gone;
    floorMass[size] = (lay + fallen) * (1 - gone);
    caughtAll += fallen;
  }
  return { caught: caughtAll, rotted: rottedAll };
}
