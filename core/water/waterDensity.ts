/**
 * Density of air-free fresh water at 1 atm, kg/m³.
 *
 * @param celsius temperature, 0–40 °C
 * @source Tanaka et al. 2001 (Metrologia 38, 301), the CIPM formula for water.
 * @example waterDensity(25) // 997.05
 */
export function waterDensity(celsius: number): number {
  const fromMaximum = celsius - 3.983035;
  return 999.97495 * (1 - (fromMaximum ** 2 * (celsius + 301.797)) / (522528.9 * (celsius + 69.34881)));
}
