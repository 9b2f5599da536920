/** Fillings of a jug that make a reading: their spread says how exact it is (common practice, no source). */
export const USUAL_FILLINGS = 3;
