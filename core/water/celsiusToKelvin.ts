/** Absolute temperature, K, of a temperature in °C (exact by definition). */
export const celsiusToKelvin = (celsius: number): number => celsius + 273.15;
