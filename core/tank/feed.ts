import { z } from 'zod';
import { bounded, type Bounds } from '../units/bounds';

export const FEED_BOUNDS = {
  perDay: { what: 'Food a day', kind: 'feed', min: 0, max: 1 },
  protein: { what: 'Protein', kind: 'share', min: 0.05, max: 0.9 },
  length: { what: 'Length of one', kind: 'length', min: 0.005, max: 1 },
} as const satisfies Record<string, Bounds>;

const MOST_ANIMALS = 10_000;
const MOST_GROUPS = 30;

/** What goes in: weighed, or estimated from the animals; null when nothing is known yet. kg of dry food a day. */
export const FeedSchema = z.object({
  amount: z
    .discriminatedUnion('by', [
      z.object({ by: z.literal('weight'), perDay: bounded(FEED_BOUNDS.perDay) }),
      z.object({
        by: z.literal('animals'),
        groups: z
          .array(
            z.object({
              count: z
                .int('How many must be a whole number.')
                .min(0, 'How many must be 0 or more.')
                .max(MOST_ANIMALS, `How many must be at most ${MOST_ANIMALS}.`),
              length: bounded(FEED_BOUNDS.length).describe('Body length of one, m'),
            }),
          )
          .max(MOST_GROUPS),
      }),
    ])
    .nullable(),
  protein: bounded(FEED_BOUNDS.protein).describe('Share of the food'),
});
export type Feed = z.infer<typeof FeedSchema>;

/** Protein of usual flake and pellet food (common practice, no source). */
export const USUAL_PROTEIN = 0.4;

/** A value between two bounds, with what is most likely. */
export interface Range {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

/*
 * Estimating from animals: a fish's mass is about K·L³ with a condition of 10–18 kg/m³ (0.010–0.018 g/cm³), and small
 * fish are fed 0.5–2 % of it a day as dry food (both from memory). The range is wide because feeding is.
 */
const CONDITION: Range = { low: 10, likely: 14, high: 18 };
const FED_SHARE: Range = { low: 0.005, likely: 0.01, high: 0.02 };

/** Share by which a keeper's weighed ration varies from day to day, either way (calibrated). */
const WEIGHED_VARIES = 0.15;

/** Dry food a day, kg, as a range; null when nothing is known. */
export function feedPerDay({ amount }: Feed): Range | null {
  if (amount === null) return null;
  if (amount.by === 'weight')
    return {
      low: amount.perDay * (1 - WEIGHED_VARIES),
      likely: amount.perDay,
      high: amount.perDay * (1 + WEIGHED_VARIES),
    };
  const cubes = amount.groups.reduce((sum, { count, length }) => sum + count * length ** 3, 0);
  const at = (key: keyof Range): number => cubes * CONDITION[key] * FED_SHARE[key];
  return { low: at('low'), likely: at('likely'), high: at('high') };
}

/**
 * Ammonia nitrogen that the animals give off, kg N a day per kg of protein fed.
 * @source Timmons & Ebeling, Recirculating Aquaculture: TAN = feed × protein × 0.092; from memory.
 */
const NITROGEN_PER_PROTEIN = 0.092;

/** Total ammonia nitrogen from a day's food, kg N a day. */
export const ammoniaPerDay = (feed: number, protein: number): number => feed * protein * NITROGEN_PER_PROTEIN;
