/** One of the two bacteria that make ammonia into nitrite and nitrite into nitrate. SI; rates a day at 25 °C. */
export interface Nitrifier {
  /** What a full film takes up where it wants for nothing, kg N a day on a m². */
  readonly uptake: number;
  /** Oxygen at which it works at half its speed, kg/m³. */
  readonly halfOxygen: number;
  /** Growth with temperature per degree, of what its food limits. */
  readonly perDegree: number;
  /** Fastest growth of the film, 1/day. */
  readonly growth: number;
}

/**
 * Uptake is calibrated within published ranges of biofilters; half-saturation with oxygen from Wiesmann 1994 (Adv.
 * Biochem. Eng. Biotechnol. 51, 113); growth and temperature factors are common design values, from memory.
 */
export const NITRIFIERS = {
  ammonia: { uptake: 0.6e-3, halfOxygen: 0.3e-3, perDegree: 1.1, growth: 0.45 },
  nitrite: { uptake: 0.72e-3, halfOxygen: 1.1e-3, perDegree: 1.07, growth: 0.4 },
} as const satisfies Record<string, Nitrifier>;
export type NitrifierKey = keyof typeof NITRIFIERS;

/** Ammonia or nitrite nitrogen at which a film works at half its speed, kg/m³ (calibrated). */
export const HALF_SATURATION = 0.5e-3;
/** Share of a film that dies in a day at 25 °C, 1/day (calibrated). */
export const FILM_DECAY = 0.06;
/**
 * Share of a film that comes loose in a day and settles again on whatever surface there is, 1/day (calibrated: new media
 * beside mature media is mature in about six weeks).
 */
export const FILM_SHED = 0.02;
/** Work with temperature per degree, of what oxygen limits (from memory: diffusion). */
export const OXYGEN_PER_DEGREE = 1.05;
/** Temperature for which the rates hold, °C. */
export const RATES_AT = 25;

/**
 * Most ammonia and nitrite nitrogen that a keeper puts up with, kg/m³: the first step of a usual test kit (common
 * practice, no source).
 */
export const LIMITS: Readonly<Record<NitrifierKey, number>> = { ammonia: 0.25e-3, nitrite: 0.25e-3 };
