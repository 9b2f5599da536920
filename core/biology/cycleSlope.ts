import { KEYS, WATER_PARTS, type CycleState } from './cycleState';
import { foodFactor } from './monodRate';
import { FILM_DECAY, FILM_SHED, HALF_SATURATION, NITRIFIERS } from './nitrifiers';
import { actsLike } from './zeoliteBed';

/**
 * How fast everything in a tank changes, a day; it goes by the state as it is when it is asked.
 *
 * @returns writes the slopes of some values into another array
 * @source in every place dX/dt = (μ·m·(1 − X/X_max) − bθ)·X for each bacterium, and a little of every film comes loose and
 *   settles by surface; the water a mixed tank that gains the load and loses ΣX·m, with zeolite at rest with it. Monod
 *   1949 for m; see {@link NITRIFIERS}
 */
export function cycleSlope(
  state: CycleState,
  celsius: number,
): (now: Float64Array, into: Float64Array) => void {
  const { most, caps, volume } = state;
  const size = most.length;
  const warm = KEYS.map((key) => foodFactor(NITRIFIERS[key], celsius));
  const growth = KEYS.map((key) => NITRIFIERS[key].growth);
  return (now, into) => {
    const { load, zeolite } = state;
    const taken = [0, 0];
    for (let key = 0; key < KEYS.length; key += 1) {
      const nitrogen = Math.max(0, now[key]!);
      const byFood = (warm[key]! * nitrogen) / (HALF_SATURATION + nitrogen);
      const lost = FILM_DECAY * warm[key]!;
      let sum = 0;
      let films = 0;
      let room = 0;
      for (let part = WATER_PARTS + key; part < size; part += KEYS.length) {
        films += now[part]!;
        room += most[part]!;
      }
      const settles = room > 0 ? (FILM_SHED * films) / room : 0;
      for (let part = WATER_PARTS + key; part < size; part += KEYS.length) {
        const film = now[part]!;
        const rate = byFood < caps[part]! ? byFood : caps[part]!;
        sum += film * rate;
        const free = most[part]! > 0 ? 1 - film / most[part]! : 0;
        into[part] = (growth[key]! * rate * free - lost - FILM_SHED) * film + settles * most[part]!;
      }
      taken[key] = sum;
    }
    into[0] =
      (load - taken[0]!) / (zeolite === null ? volume : volume + actsLike(zeolite, Math.max(0, now[0]!)));
    into[1] = (taken[0]! - taken[1]!) / volume;
    into[2] = taken[1]! / volume;
  };
}
