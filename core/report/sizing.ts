import { MEDIA_PER_TANK, USUAL_TURNOVER } from '../practice/stocking';

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
    normalStockVolume: weighedMass / MEDIA_PER_TANK.normal.high,
    heavyStockVolume: weighedMass / MEDIA_PER_TANK.heavy.high,
    usualFlow: tankVolume * USUAL_TURNOVER,
  };
}
