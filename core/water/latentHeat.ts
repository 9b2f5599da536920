/**
 * Heat that a kilogram of water takes up when it evaporates, kJ/kg.
 *
 * @param temperature of the water, °C, 0 to 40
 * @source Rogers & Yau, A Short Course in Cloud Physics, 3rd ed. 1989, table 2.1, as a straight line.
 * @example latentHeat(25) // 2442
 */
export const latentHeat = (temperature: number): number => 2501 - 2.361 * temperature;
