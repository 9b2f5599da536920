import { HOUR } from './time';

/** Units of daily use in SI; exact by definition. Metres. */
export const MILLIMETRE = 1e-3;
export const INCH = 0.0254;
/** Cubic metres. */
export const LITRE = 1e-3;
/** Cubic metres a second. */
export const LITRES_PER_HOUR = LITRE / HOUR;
/** Once an hour, 1/s. */
export const PER_HOUR = 1 / HOUR;
