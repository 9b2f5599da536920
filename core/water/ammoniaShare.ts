import { celsiusToKelvin } from './celsiusToKelvin';

/**
 * Share of total ammonia that is un-ionised (the poisonous form), 0–1.
 *
 * @param celsius water temperature, 0–40 °C
 * @param pH 4–10
 * @source Emerson et al. 1975 (J. Fish. Res. Board Can. 32, 2379).
 * @example ammoniaShare(25, 8) // 0.0537
 */
export function ammoniaShare(celsius: number, pH: number): number {
  const pKa = 0.09018 + 2729.92 / celsiusToKelvin(celsius);
  return 1 / (1 + 10 ** (pKa - pH));
}
