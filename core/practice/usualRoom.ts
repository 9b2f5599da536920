/** The room of a home where it was not measured: °C, relative humidity 0–1 (common practice, no source). */
export const USUAL_ROOM = { temperature: 22, humidity: 0.5 } as const;
