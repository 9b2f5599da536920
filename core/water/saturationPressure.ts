/**
 * Pressure of the vapour above water in balance with it, kPa.
 *
 * @param temperature of the water or the air, °C, −20 to 50
 * @source Buck, J. Appl. Meteorol. 20 (1981) 1527, in his form of 1996.
 * @example saturationPressure(25) // 3.1686
 */
export const saturationPressure = (temperature: number): number =>
  0.61121 * Math.exp(((18.678 - temperature / 234.5) * temperature) / (257.14 + temperature));
