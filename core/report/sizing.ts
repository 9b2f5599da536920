/*
 * Sizing by weight: 1 kg of porous media per 100 L at normal stock, 2 kg at heavy stock (common practice, no source).
 */
const NORMAL_STOCK_MASS_PER_VOLUME = 1 / 0.1;
const HEAVY_STOCK_MASS_PER_VOLUME = 2 / 0.1;

/** Turnover that the trade asks for, 1/s: about 5 an hour (common practice, no source). */
const USUAL_TURNOVER = 5 / 3600;

/** What two schools of sizing say about a pack on a tank. Volumes m³, flow m³/s, mass kg. */
export interface Sizing {
  /** Dry mass of the media that are sized by weight. */
  readonly weighedMass: number;
  readonly tankVolume: number;
  readonly normalStockVolume: number;
  readonly heavyStockVolume: number;
  /** Flow that would turn this tank over five times an hour. */
  readonly usualFlow: number;
}

/**
 * @param weighedMass dry kg of media sized by weight
 * @param tankVolume m³
 */
export function sizing(weighedMass: number, tankVolume: number): Sizing {
  return {
    weighedMass,
    tankVolume,
    normalStockVolume: weighedMass / NORMAL_STOCK_MASS_PER_VOLUME,
    heavyStockVolume: weighedMass / HEAVY_STOCK_MASS_PER_VOLUME,
    usualFlow: tankVolume * USUAL_TURNOVER,
  };
}
