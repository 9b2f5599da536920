import { OXYGEN_PER_NITROGEN, OXYGEN_PER_SLUDGE } from './stoichiometry';
import { NITRIFIERS } from './nitrifiers';
import { steadyState, type FilmPlace } from './steadyState';
import { DAY } from '../units/time';

/** A layer as its bacteria find it, in flow order; flows m³/s. */
export interface UptakeLayer {
  /** What of its surface they can use, m². */
  readonly surface: number;
  /** Through the layer, and through all of the filter there. */
  readonly own: number;
  readonly whole: number;
  /** Sludge that rots in it, dry kg a day. */
  readonly rots: number;
}

/** What the bacteria of one layer do in the steady state: nitrogen taken up, kg N a day; oxygen around it, kg/m³. */
export interface LayerUptake {
  readonly ammonia: number;
  readonly nitrite: number;
  /** In the water in it, and in the water that leaves it, mixed with what went past. */
  readonly oxygenIn: number;
  readonly oxygenAfter: number;
}

/** The steady state of a tank, with what each layer has its part in. */
export interface Uptake {
  readonly layers: readonly LayerUptake[];
  /** Left in the water, kg N/m³; null where the load exceeds the capacity of the bacteria. */
  readonly ammonia: number | null;
  readonly nitrite: number | null;
}

/** Rounds in which oxygen and uptake are brought to agree; each moves a hundredth of the one before. */
const UPTAKE_ITERATIONS = 3;

/**
 * What each layer takes up of the ammonia and nitrite in the steady state, and how much oxygen the water has left on its
 * way.
 *
 * @param layers of one filter, in flow order
 * @param outside other homes on the tank
 * @param oxygen of the tank’s water, kg/m³
 * @param load kg N a day
 * @source {@link steadyState} over all homes; oxygen 4.57 kg a kg N and 1.2 a kg of rotting sludge.
 */
export function layerUptake(
  layers: readonly UptakeLayer[],
  outside: readonly FilmPlace[],
  oxygen: number,
  load: number,
  celsius: number,
): Uptake {
  let inside = layers.map(() => oxygen);
  let after = inside;
  let answer: Uptake = { layers: [], ammonia: null, nitrite: null };
  for (let round = 0; round < UPTAKE_ITERATIONS; round += 1) {
    const places = [
      ...layers.map(({ surface }, index) => ({ surface, oxygen: inside[index] ?? oxygen })),
      ...outside,
    ];
    const [ammonia, nitrite] = (['ammonia', 'nitrite'] as const).map((key) =>
      steadyState(NITRIFIERS[key], places, load, celsius),
    );
    const wants = layers.map(
      ({ rots }, index) => OXYGEN_PER_NITROGEN * (ammonia?.taken[index] ?? 0) + OXYGEN_PER_SLUDGE * rots,
    );
    let comes = oxygen;
    const along = layers.map(({ own, whole }, index) => {
      const want = wants[index]!;
      const within = Math.max(0, comes - (own > 0 ? want / (own * DAY) : want > 0 ? comes : 0) / 2);
      comes = Math.max(0, comes - (whole > 0 ? want / (whole * DAY) : 0));
      return { within, leaves: comes };
    });
    inside = along.map(({ within }) => within);
    after = along.map(({ leaves }) => leaves);
    answer = {
      layers: layers.map((_, index) => ({
        ammonia: ammonia?.taken[index] ?? 0,
        nitrite: nitrite?.taken[index] ?? 0,
        oxygenIn: inside[index]!,
        oxygenAfter: after[index]!,
      })),
      ammonia: ammonia?.nitrogen ?? null,
      nitrite: nitrite?.nitrogen ?? null,
    };
  }
  return answer;
}
