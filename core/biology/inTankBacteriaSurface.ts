import { netVolume } from '../tank/netVolume';
import { floorArea } from '../tank/tankGeometry';
import type { Range } from '../maths/range';
import type { Tank } from '../tank/tank';

/*
 * Surface on glass, substrate, plants and pipes on which a film lives, m² for each m² of the tank’s floor (calibrated):
 * a bare tank has about its glass, deep gravel or dense plants several times as much.
 */
const SURFACE_PER_FLOOR: Range = { low: 1, likely: 3, high: 10 };
const BARE_SURFACE_PER_FLOOR: Range = { low: 0.5, likely: 1, high: 3 };

/** Floor of a tank of which only the litres are known: as wide as it is high, and twice as long, m² (calibrated). */
const usualFloor = (volume: number): number => 2 * Math.cbrt(volume / 2) ** 2;

/** Surface outside the filters on which a film lives, m², as a range. */
export function inTankBacteriaSurface({ water, plants }: Pick<Tank, 'water' | 'plants'>): Range {
  const floor = water.how === 'measured' ? floorArea(water.shape) : usualFloor(netVolume(water).value);
  const bare = plants === 'none' && water.how === 'measured' && water.substrate.depth === 0;
  const { low, likely, high } = bare ? BARE_SURFACE_PER_FLOOR : SURFACE_PER_FLOOR;
  return { low: low * floor, likely: likely * floor, high: high * floor };
}
