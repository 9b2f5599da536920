import { LIMITS, NITRIFIERS, RATES_AT } from './nitrifiers';
import { nitrificationCapacity } from './nitrificationCapacity';
import { liveSurface, type LayerHome } from './layerHome';

/** What may limit the bacteria. */
export type CoverLimit = 'surface' | 'oxygen' | 'passThrough' | 'temperature' | 'silt';

/** Share by which the capacity must grow for something else than surface to count as the limit (calibrated). */
const COUNTS = 0.1;

/** Oxygen beyond anything that water holds, kg/m³. */
const UNLIMITED_OXYGEN = 1;

/** The capacity, kg N a day, as things are and with each limit lifted; the limit that gains most. */
export interface CoverLimits {
  readonly borne: number;
  readonly lifted: Readonly<Record<Exclude<CoverLimit, 'surface'>, number>>;
  readonly limit: CoverLimit;
}

/**
 * What limits the bacteria of a filter: their capacity is computed again with all water through every layer, with
 * no silt, with more oxygen than they can use, and at 25 °C. What gains most is the limit; where nothing gains a tenth,
 * it is the surface.
 *
 * @param outside surface outside the filter, m²
 * @param oxygen of the tank’s water, kg/m³
 */
export function coverLimits(
  layers: readonly LayerHome[],
  outside: number,
  oxygen: number,
  celsius: number,
): CoverLimits {
  const borneAt = (homes: readonly LayerHome[], warm: number, air = oxygen): number =>
    Math.min(
      ...(['ammonia', 'nitrite'] as const).map((key) => {
        const load = (surface: number, inWater: number): number =>
          nitrificationCapacity(NITRIFIERS[key], surface, {
            nitrogen: LIMITS[key],
            oxygen: inWater,
            celsius: warm,
          });
        return homes.reduce((sum, home) => sum + load(liveSurface(home), home.oxygen), load(outside, air));
      }),
    );
  const borne = borneAt(layers, celsius);
  const changed = (change: Partial<LayerHome>): readonly LayerHome[] =>
    layers.map((layer) => ({ ...layer, ...change }));
  const lifted = {
    passThrough: borneAt(changed({ passThrough: 1 }), celsius),
    silt: borneAt(changed({ open: 1 }), celsius),
    oxygen: borneAt(changed({ oxygen: UNLIMITED_OXYGEN }), celsius, UNLIMITED_OXYGEN),
    temperature: celsius < RATES_AT ? borneAt(layers, RATES_AT) : borne,
  };
  const [best] = (['passThrough', 'silt', 'oxygen', 'temperature'] as const)
    .map((key) => ({ key, gain: lifted[key] - borne }))
    .sort((a, b) => b.gain - a.gain);
  const counts = best !== undefined && best.gain > COUNTS * borne && best.gain > 0;
  return { borne, lifted, limit: counts ? best.key : 'surface' };
}
