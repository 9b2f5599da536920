import type { Range } from '../maths/range';
import type { Feed } from './feed';

import { sumOf } from '../maths/sum';

/*
 * Estimating from animals: a fish's mass is about K·L³ with a condition of 10–18 kg/m³ (0.010–0.018 g/cm³), and small
 * fish are fed 0.5–2 % of it a day as dry food (both from memory). The range is wide because feeding is.
 */
const CONDITION: Range = { low: 10, likely: 14, high: 18 };

const FED_SHARE: Range = { low: 0.005, likely: 0.01, high: 0.02 };

/** Share by which a keeper's weighed ration varies from day to day, either way (calibrated). */
const WEIGHED_VARIES = 0.15;

/**
 * Ammonia nitrogen that the animals give off, kg N a day per kg of protein fed.
 * @source Timmons & Ebeling, Recirculating Aquaculture: TAN = feed × protein × 0.092; from memory.
 */
const NITROGEN_PER_PROTEIN = 0.092;

/** Dry food a day, kg, as a range; null when nothing is known. */
export function feedPerDay({ amount }: Feed): Range | null {
  if (amount === null) return null;
  if (amount.by === 'weight')
    return {
      low: amount.perDay * (1 - WEIGHED_VARIES),
      likely: amount.perDay,
      high: amount.perDay * (1 + WEIGHED_VARIES),
    };
  const cubes = sumOf(amount.groups, ({ count, length }) => count * length ** 3);
  const at = (key: keyof Range): number => cubes * CONDITION[key] * FED_SHARE[key];
  return { low: at('low'), likely: at('likely'), high: at('high') };
}

/** Total ammonia nitrogen from a day's food, kg N a day. */
export const ammoniaPerDay = (feed: number, protein: number): number => feed * protein * NITROGEN_PER_PROTEIN;
