/**
 * How often an hour's flow turns the tank over, in 1/s (× 3,600 is "times an hour").
 *
 * @param flow m³/s, measured at the outlet
 * @param tankVolume m³, more than 0
 * @source definition of the trade: real flow ÷ tank water.
 * @example turnover(600e-3 / 3600, 0.2) * 3600 // 3
 */
export const turnover = (flow: number, tankVolume: number): number => flow / tankVolume;
