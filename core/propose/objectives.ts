import type { TurnoverBand } from '../practice/turnoverBand';
import { MAX_CLOSED_DAYS } from './withRoutineOpenings';

/** What a keeper may wish for, in the order in which it is shown. */
export const OBJECTIVES = ['service', 'clear', 'cover', 'turnover', 'cost', 'minutes', 'change'] as const;
export type Objective = (typeof OBJECTIVES)[number];

/** What a pack comes to in every wish. SI; days; money in the keeper’s currency. */
export interface Figures {
  /** Days to the next service, HORIZON where it is not due within the year. */
  readonly service: number;
  /** Suspended solids finer than 100 µm with the clean pack, kg/m³. */
  readonly fines: number;
  /** For how many times today’s food the bacteria are enough after three months of silting; null where nothing is fed, or it is not worked out. */
  readonly cover: number | null;
  /** Surface for bacteria that the water passes, m². */
  readonly surface: number;
  /** Tanks a second, and by what factor that lies outside the band of the trade, 1 or more; 1: within. */
  readonly turnover: number;
  readonly turnoverOff: number;
  /** Money a year for what is renewed, as far as prices are known, and m³ renewed a year without a price. */
  readonly cost: number;
  readonly unpriced: number;
  /** Visits and minutes with wet hands a year, two openings at least. */
  readonly visits: number;
  readonly minutes: number;
  /** Pieces cut, filled in anew or thrown away. */
  readonly change: number;
}

/** Turnover below which a filter stands still, tanks a second: keeps a factor a number. */
const MIN_TURNOVER = 1e-9;

/**
 * By what factor a turnover lies outside a band, 1 or more.
 *
 * @param turned tanks a second
 * @example turnoverOff(2, { low: 4, high: 6 }) // 2
 */
export const turnoverOff = (turned: number, { low, high }: Pick<TurnoverBand, 'low' | 'high'>): number =>
  Math.max(1, low / Math.max(MIN_TURNOVER, turned), turned / high);

/** Money per m³ that stands in, for ranking alone, where no price is known (calibrated: ten a litre). */
const UNPRICED = 10_000;

/**
 * How little of a wish a pack grants: less is better, for every wish. To be shut for longer than any filter is left shut
 * grants no more.
 *
 * @example lossOf('service', { service: 40 }) // -40
 */
export function lossOf(wish: Objective, figures: Figures): number {
  switch (wish) {
    case 'service':
      return -Math.min(figures.service, MAX_CLOSED_DAYS);
    case 'clear':
      return figures.fines;
    case 'cover':
      return -(figures.cover ?? figures.surface);
    case 'turnover':
      return figures.turnoverOff;
    case 'cost':
      return figures.cost + UNPRICED * figures.unpriced;
    case 'minutes':
      return figures.minutes;
    case 'change':
      return figures.change;
  }
}

/** The losses of a pack, in the order of {@link OBJECTIVES}. */
export const lossesOf = (figures: Figures): number[] => OBJECTIVES.map((wish) => lossOf(wish, figures));

/**
 * A loss on the scale on which a keeper feels it: service, clear water and bacteria by ratios, so that a tenth of the
 * dirt counts as much at its clearest as at its murkiest; all others as they are.
 */
export function perceivedLoss(wish: Objective, loss: number): number {
  switch (wish) {
    case 'service':
      return -Math.log1p(-loss);
    case 'clear':
      return Math.log(Math.max(MIN_RATIO_TERM, loss));
    case 'cover':
      return -Math.log(Math.max(MIN_RATIO_TERM, -loss));
    case 'turnover':
    case 'cost':
    case 'minutes':
    case 'change':
      return loss;
  }
}

/** Stands in for nothing where a ratio is taken: far less than any pack leaves. */
const MIN_RATIO_TERM = 1e-9;

/** The losses of a pack as they are felt, in the order of {@link OBJECTIVES}. */
export const perceivedLosses = (losses: readonly number[]): number[] =>
  OBJECTIVES.map((wish, index) => perceivedLoss(wish, losses[index]!));
