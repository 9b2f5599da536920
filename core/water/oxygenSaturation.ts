import { celsiusToKelvin } from './celsiusToKelvin';

/**
 * Oxygen in fresh water at equilibrium with moist air, kg/m³ (1e-3 kg/m³ is 1 mg/L).
 *
 * @param celsius water temperature, 0–40 °C
 * @param pressure air pressure in atm, greater than the water's vapour pressure
 * @source Benson & Krause 1984 (Limnol. Oceanogr. 29, 620), as in APHA Standard Methods 4500-O, full pressure form.
 * @example oxygenSaturation(25) // 0.00826
 */
export function oxygenSaturation(celsius: number, pressure = 1): number {
  const kelvin = celsiusToKelvin(celsius);
  const atSeaLevel = Math.exp(
    -139.34411 +
      1.575701e5 / kelvin -
      6.642308e7 / kelvin ** 2 +
      1.2438e10 / kelvin ** 3 -
      8.621949e11 / kelvin ** 4,
  );
  const vapour = Math.exp(11.8571 - 3840.7 / kelvin - 216961 / kelvin ** 2);
  const theta = 0.000975 - 1.426e-5 * celsius + 6.436e-8 * celsius ** 2;
  const correction =
    (pressure * (1 - vapour / pressure) * (1 - theta * pressure)) / ((1 - vapour) * (1 - theta));
  return atSeaLevel * correction * 1e-3;
}
