import { latentHeat } from './latentHeat';
import { saturationPressure } from './saturationPressure';

/** Share of a pool’s evaporation that a surface gives as it moves (Carrier, as in the ASHRAE handbook). */
export const SURFACE_ACTIVITY = { still: 0.5, rippled: 0.7, splashing: 1 } as const;
/** What of it gets out under a lid with gaps (calibrated). */
export const UNDER_LID = 0.15;
/** kg/s per m² and kPa, times kJ/kg, in air that stands still (Carrier 1918; the term with the speed of the air is left out). */
const STILL_AIR = 0.089;
/** kg/m³: a rounded density does, since the sum is of a few percent at best. */
const DENSITY = 1000;

/** What water stands in, and what stands around it. */
export interface Evaporating {
  /** m² */
  readonly area: number;
  /** °C */
  readonly water: number;
  /** °C, and relative humidity 0–1. */
  readonly room: number;
  readonly humidity: number;
  /** One of {@link SURFACE_ACTIVITY}, or between. */
  readonly activity: number;
  /** What of it gets out: 1 open, {@link UNDER_LID} under a lid. */
  readonly lid: number;
}

/**
 * Water that evaporates, m³/s; 0 where the room is so damp that none does.
 *
 * @source Carrier (1918) as in the ASHRAE Handbook, HVAC Applications, 2011, ch. 5: A·F·(p_w − p_a)·0.089/Y, air at rest.
 * @example evaporation({ area: 0.2, water: 25, room: 22, humidity: 0.5, activity: 0.5, lid: 1 }) * 86400e3 // 0.5814
 */
export function evaporation({ area, water, room, humidity, activity, lid }: Evaporating): number {
  const pull = Math.max(0, saturationPressure(water) - humidity * saturationPressure(room));
  return (lid * area * activity * pull * STILL_AIR) / latentHeat(water) / DENSITY;
}
