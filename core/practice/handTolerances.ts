/*
 * How near is the same, for hands: what a keeper cannot measure, cut or pour any closer.
 */

/** Two thicknesses or sides this near are the same sheet, m (common practice, no source). */
export const SHEET_TOLERANCE = 5e-4;
/** A piece that differs by less than this is the piece that was there, m: foam gives as much, and hands measure no closer (common practice, no source). */
export const FOAM_GIVE = 1.5e-3;
/** Lengths this near are the same, m; hands pour and cut no closer than whole millimetres (common practice, no source). */
export const LENGTH_TOLERANCE = 1e-4;
/** Less than this share more or less of a poured medium is none (common practice, no source). */
export const POURING_TOLERANCE = 0.02;
/** Two volumes this near are the same, m³: a tenth of a millilitre (common practice, no source). */
export const VOLUME_TOLERANCE = 1e-7;
