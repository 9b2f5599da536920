/**
 * Pressure of the standard atmosphere at an altitude, in atm.
 *
 * @param altitude metres above the sea, −400 to 5,000
 * @source ISO 2533:1975, standard atmosphere, lowest layer.
 * @example airPressure(1000) // 0.887
 */
export function airPressure(altitude: number): number {
  return (1 - 2.25577e-5 * altitude) ** 5.25588;
}
