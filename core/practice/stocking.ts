import { PER_HOUR } from '../units/siFactors';

/*
 * How media and flow are sized to a tank, by what lives in it. All of it common practice without a source, unless a
 * line says otherwise.
 */

/** A span of a number of the trade. */
export interface Span {
  readonly low: number;
  readonly high: number;
}

/** What a tank is stocked with, lightest first. */
export const STOCKS = ['planted', 'normal', 'heavy'] as const;
export type Stock = (typeof STOCKS)[number];

/**
 * Porous media asked for, kg per m³ of tank: 1 kg per 100 L normal, 2 kg heavy (common practice, no source); plants
 * take up part of the load (planted: calibrated).
 */
export const MEDIA_PER_TANK: Readonly<Record<Stock, Span>> = {
  planted: { low: 5, high: 10 },
  normal: { low: 10, high: 10 },
  heavy: { low: 20, high: 20 },
};

/** Turnover asked for, 1/s: about 5 an hour, less in planted tanks, more with heavy stock (common practice, no source). */
export const TURNOVER_BY_STOCK: Readonly<Record<Stock, Span>> = {
  planted: { low: 3 * PER_HOUR, high: 5 * PER_HOUR },
  normal: { low: 4 * PER_HOUR, high: 6 * PER_HOUR },
  heavy: { low: 6 * PER_HOUR, high: 10 * PER_HOUR },
};

/** Turnover of the rule of thumb, 1/s: 5 an hour (common practice, no source). */
export const USUAL_TURNOVER = 5 * PER_HOUR;

/** Share of the room that biological media take in a good pack (common practice, no source). */
export const BIOLOGICAL_SHARE: Span = { low: 0.4, high: 0.8 };

/** Porous media poured, kg per m³ of room: 0.65 to 0.7 kg a litre (common practice, no source). */
export const POURED_BULK: Span = { low: 650, high: 700 };

/** Real flow of a packed filter as a share of the label’s (common practice, thin evidence). */
export const PACKED_FLOW_SHARE: Span = { low: 0.6, high: 0.75 };
