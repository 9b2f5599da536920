import { depositStep } from './depositStep';
import { SECONDS_A_DAY, type DirtNumbers } from './dirtNumbers';
import type { SimulationState } from './simulationState';
import { SIZES } from './sizeClasses';

/**
 * Fills every slice for one step; what a full slice did not take stays suspended.
 *
 * @param waters suspended solids by size, kg/m³
 * @param decay share that rots in a day
 * @param length of the step, days
 * @param left kg by size that was not taken is added here
 * @returns dry kg caught and rotted
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
  for (const bed of beds.list) {
    let caughtHere = 0;
    for (let slice = bed.first; slice < bed.first + bed.slices; slice += 1) {
      const index = slice * SIZES;
      const room = sludgeDensity * beds.volume[slice]!;
      let rate = 0;
      const stored = deposits[slice]! * room;
      for (let size = 0; size < SIZES; size += 1) rate += capture.cleared[index + size]! * waters[size]!;
      if (rate === 0 && stored === 0) continue;
      rate *= SECONDS_A_DAY;
      const step = depositStep(deposits[slice]!, bed.ultimate, rate / room, decay, length);
      deposits[slice] = step.deposit;
      const caught = step.caught * room;
      const rotted = step.rotted * room;
      const taken = rate > 0 ? caught / (rate * length) : 0;
      const stays = 1 - rotted / (stored + caught);
      for (let size = 0; size < SIZES; size += 1) {
        const came = capture.cleared[index + size]! * waters[size]! * SECONDS_A_DAY * length;
        mass[index + size] = (mass[index + size]! + came * taken) * stays;
        left[size] = left[size]! + came * (1 - taken);
      }
      caughtHere += caught;
      rottedAll += rotted;
    }
    caughtBy[bed.layerAt] = caughtBy[bed.layerAt]! + caughtHere;
    caughtAll += caughtHere;
  }
  const gone = -Math.expm1(-decay * length);
  for (let size = 0; size < SIZES; size += 1) {
    const came = capture.floor[size]! * waters[size]! * SECONDS_A_DAY * length;
    if (came === 0 && floorMass[size] === 0) continue;
    const lay = floorMass[size]!;
    rottedAll += (lay + came) * gone;
    floorMass[size] = (lay + came) * (1 - gone);
    caughtAll += came;
  }
  return { caught: caughtAll, rotted: rottedAll };
}
