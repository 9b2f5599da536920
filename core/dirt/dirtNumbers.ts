import type { Provenance } from '../media/provenance';

/** The uncertain parameters of the dirt model; an ensemble draws them anew for every run. */
export interface DirtNumbers {
  /** Dry solids per dry food, kg/kg. */
  readonly solidsPerFood: number;
  /** Share of the touches with a fibre, strut or grain that stick, 0–1. */
  readonly attachment: number;
  /** Share of the sludge that rots in a day at 25 °C. */
  readonly decay: number;
  /** Dry mass in a m³ of sludge, kg/m³. */
  readonly sludgeDensity: number;
  /** Share of what settles between rings and balls, or in an open bottom, that stays there, 0–1. */
  readonly retention: number;
  /** How many times as much as usual fits into a bed at most, settles in the tank, and falls off plants. */
  readonly ultimateFactor: number;
  readonly settlingFactor: number;
  readonly litterFactor: number;
}

export const USUAL_DIRT: DirtNumbers = {
  solidsPerFood: 0.25,
  attachment: 0.02,
  decay: 0.004,
  sludgeDensity: 120,
  retention: 0.5,
  ultimateFactor: 1,
  settlingFactor: 1,
  litterFactor: 1,
};

/**
 * Where each of them comes from. Solids per food: Timmons & Ebeling, Recirculating Aquaculture, from memory; the
 * others are chosen so that intervals agree with the trade’s.
 */
export const DIRT_PROVENANCE: Readonly<Record<keyof DirtNumbers, Provenance>> = {
  solidsPerFood: 'published',
  attachment: 'calibrated',
  decay: 'calibrated',
  sludgeDensity: 'calibrated',
  retention: 'calibrated',
  ultimateFactor: 'calibrated',
  settlingFactor: 'calibrated',
  litterFactor: 'calibrated',
};

/** How far each may be off, as a factor either way that about two thirds of tanks stay within (calibrated). */
export const DIRT_SPREAD: Readonly<Record<Exclude<keyof DirtNumbers, 'retention'>, number>> = {
  solidsPerFood: 1.2,
  attachment: 1.35,
  decay: 1.35,
  sludgeDensity: 1.2,
  ultimateFactor: 1.1,
  settlingFactor: 1.5,
  litterFactor: 2,
};

/**
 * Growth of decay with temperature per degree (published for carbonaceous decay: Streeter & Phelps 1925, US Public
 * Health Bulletin 146).
 */
const DECAY_PER_DEGREE = 1.047;
const DECAY_REFERENCE = 25;

/** Share of the sludge that rots in a day at a temperature, °C. */
export const decayAt = ({ decay }: DirtNumbers, celsius: number): number =>
  decay * DECAY_PER_DEGREE ** (celsius - DECAY_REFERENCE);

/** Nitrogen that rotting sludge gives back, kg N per kg dry (calibrated to the protein that stays in faeces and waste). */
export const NITROGEN_PER_SLUDGE = 0.045;
