import { sumOf } from '../maths/sum';
import type { Range } from '../maths/range';
import { netVolume } from './netVolume';
import type { Tank } from './tank';

/** Mass of a fish for the cube of its length, kg/m³: a condition of 0.014 g/cm³, 0.010 to 0.018 (from memory). */
const CONDITION = 14;
/**
 * Dry food a day of a fish of a gram, kg: 3.5 % of it, half to double (common practice, no source: thirty fish of 4 cm get
 * about a gram).
 */
const FED_A_GRAM: Range = { low: 0.0175e-3, likely: 0.035e-3, high: 0.07e-3 };
/** Needs grow with the three-quarter power of mass (Kleiber, Body size and metabolism, Hilgardia 6, 1932, p. 315). */
const MASS_POWER = 0.75;
/** Mass that FED_A_GRAM is of, kg. */
const GRAM = 1e-3;

/**
 * Dry food a day for a cubic metre of water where none is entered, kg: a gram for each 100 L, moderate stocking; from a
 * few fish among many plants to a full tank (common practice, no source).
 */
const ASSUMED_FOOD: Range = { low: 4e-3, likely: 10e-3, high: 25e-3 };

/** Share by which a keeper's weighed ration varies from day to day, either way (calibrated). */
const WEIGHED_VARIES = 0.15;

/**
 * Ammonia nitrogen that the animals give off, kg N a day per kg of protein fed.
 * @source Timmons & Ebeling, Recirculating Aquaculture: TAN = feed × protein × 0.092; from memory.
 */
const NITROGEN_PER_PROTEIN = 0.092;

/** True while the daily food is not entered: what is usual for so much water is taken. */
export const isFoodAssumed = ({ feed }: Pick<Tank, 'feed'>): boolean => feed.amount === null;

/** Dry food a day that is taken for what is fed, kg; null: the keeper has entered it. */
export const assumedFood = (tank: Pick<Tank, 'feed' | 'water'>): number | null =>
  isFoodAssumed(tank) ? feedPerDay(tank).likely : null;

/** Dry food a day, kg, as a range: weighed, estimated from the animals, or assumed for the water there is. */
export function feedPerDay({ feed: { amount }, water }: Pick<Tank, 'feed' | 'water'>): Range {
  if (amount === null) {
    const volume = netVolume(water).value;
    return rangeOf((key) => ASSUMED_FOOD[key] * volume);
  }
  if (amount.by === 'weight')
    return {
      low: amount.perDay * (1 - WEIGHED_VARIES),
      likely: amount.perDay,
      high: amount.perDay * (1 + WEIGHED_VARIES),
    };
  return rangeOf((key) =>
    sumOf(
      amount.groups,
      ({ count, length }) => count * FED_A_GRAM[key] * ((CONDITION * length ** 3) / GRAM) ** MASS_POWER,
    ),
  );
}

const rangeOf = (at: (key: keyof Range) => number): Range => ({
  low: at('low'),
  likely: at('likely'),
  high: at('high'),
});

/** Total ammonia nitrogen from a day's food, kg N a day. */
export const ammoniaPerDay = (feed: number, protein: number): number => feed * protein * NITROGEN_PER_PROTEIN;
