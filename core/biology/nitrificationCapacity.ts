import { FILM_DECAY, type Nitrifier } from './nitrifiers';
import { foodFactor, monodRate, type FilmWater } from './monodRate';

/**
 * Nitrogen that a grown film oxidises in the steady state when the water has come to the given concentration, kg N a day;
 * 0 where the film dies faster than it grows.
 *
 * @param surface on which a film can live, m²
 * @source growth against decay, dX/dt = (μ·m·(1 − X/X_max) − b·θ)·X = 0, so that X = X_max(1 − bθ/(μm)) and the load is
 *   X·m = X_max(m − bθ/μ).
 * @example nitrificationCapacity(NITRIFIERS.ammonia, 1.27, { nitrogen: 0.25e-3, oxygen: 8.26e-3, celsius: 25 }) // 0.00015239999999999997
 */
export function nitrificationCapacity(nitrifier: Nitrifier, surface: number, water: FilmWater): number {
  const most = surface * nitrifier.uptake;
  const lost = (FILM_DECAY * foodFactor(nitrifier, water.celsius)) / nitrifier.growth;
  return Math.max(0, most * (monodRate(nitrifier, water) - lost));
}
