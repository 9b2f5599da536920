/** Share of a usual water change, to be typed over (common practice, no source). */
export const USUAL_WATER_CHANGE = 0.3;
