import { HALF_SATURATION, OXYGEN_PER_DEGREE, RATES_AT, type Nitrifier } from './nitrifiers';

/** Water that a film lives in: its nitrogen (ammonia’s or nitrite’s) and oxygen, kg/m³, and its temperature, °C. */
export interface FilmWater {
  readonly nitrogen: number;
  readonly oxygen: number;
  readonly celsius: number;
}

/** How much faster than at 25 °C what its food limits goes, and with it its decay. */
export const foodFactor = ({ perDegree }: Pick<Nitrifier, 'perDegree'>, celsius: number): number =>
  perDegree ** (celsius - RATES_AT);

/** How hard a film may work by its oxygen alone, kg/m³, as a share of what it could at 25 °C where it wants for nothing. */
export const oxygenRate = (nitrifier: Nitrifier, oxygen: number, celsius: number): number =>
  (OXYGEN_PER_DEGREE ** (celsius - RATES_AT) * oxygen) / (nitrifier.halfOxygen + oxygen);

/**
 * How hard a film works, as a share of what it could at 25 °C where it wants for nothing: whatever is scarcer, food or
 * oxygen, decides.
 *
 * @source Monod 1949 (Annu. Rev. Microbiol. 3, 371), min(θ_S·S/(K+S), θ_O·O/(K_O+O)).
 * @example monodRate(NITRIFIERS.ammonia, { nitrogen: 0.25e-3, oxygen: 8.26e-3, celsius: 25 }) // 0.3333333333333333
 */
export function monodRate(nitrifier: Nitrifier, { nitrogen, oxygen, celsius }: FilmWater): number {
  const byFood = (foodFactor(nitrifier, celsius) * nitrogen) / (HALF_SATURATION + nitrogen);
  return Math.min(byFood, oxygenRate(nitrifier, oxygen, celsius));
}
