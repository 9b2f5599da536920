import { celsiusToKelvin } from './celsiusToKelvin';

/**
 * Dynamic viscosity of fresh water at 0.1 MPa, Pa·s.
 *
 * @param celsius temperature, 0–40 °C (the correlation holds to 110 °C)
 * @source Pátek et al. 2009 (J. Phys. Chem. Ref. Data 38, 21), fitted to the IAPWS formulation.
 * @example waterViscosity(25) // 0.00089
 */
export function waterViscosity(celsius: number): number {
  const tau = celsiusToKelvin(celsius) / 300;
  return (280.68 * tau ** -1.9 + 511.45 * tau ** -7.7 + 61.131 * tau ** -19.6 + 0.45903 * tau ** -40) * 1e-6;
}
