import type { Filter } from '../filter/filter';
import { mediaVolume } from '../filter/mediaVolume';
import {
  BIOLOGICAL_SHARE,
  MEDIA_PER_TANK,
  PACKED_FLOW_SHARE,
  POURED_BULK,
  STOCKS,
  TURNOVER_BY_STOCK,
  type Span,
  type Stock,
} from '../practice/stocking';

/** A span of tank sizes, m³; of flows, m³/s. */
export type TankRange = Span;

/** What a filter is good for at one kind of stock, by each of the two schools: they are not averaged. */
export interface RatedStock {
  readonly stock: Stock;
  /** By the weight of biological media it can hold. */
  readonly byWeight: TankRange;
  /** By how often it can turn the tank over. */
  readonly byTurnover: TankRange;
}

/** Manufacturer’s tank rating against what the filter can hold and move. Flows m³/s. */
export interface Rating {
  readonly stocks: readonly RatedStock[];
  /** Room for media, m³. */
  readonly room: number;
  /** Flow that was counted: measured, or what is usually left of the label’s. */
  readonly flow: TankRange;
  readonly measured: boolean;
}

/**
 * Turns the tank size printed on a box into honest ranges for planted, normal and heavy stock: what the filter’s
 * biological media and what its flow are good for, each by its own school.
 *
 * @param measured flow timed at the outlet, m³/s, or null
 * @source the trade’s two ways of sizing, see the constants.
 * @example ratingReader(reedBench.filter, null).stocks.length // 3
 */
export function ratingReader(filter: Filter, measured: number | null): Rating {
  const room = mediaVolume(filter);
  const flow =
    measured === null
      ? { low: filter.labelFlow * PACKED_FLOW_SHARE.low, high: filter.labelFlow * PACKED_FLOW_SHARE.high }
      : { low: measured, high: measured };
  const mass = {
    low: room * BIOLOGICAL_SHARE.low * POURED_BULK.low,
    high: room * BIOLOGICAL_SHARE.high * POURED_BULK.high,
  };
  const stocks = STOCKS.map((stock): RatedStock => {
    const byWeight = {
      low: mass.low / MEDIA_PER_TANK[stock].high,
      high: mass.high / MEDIA_PER_TANK[stock].low,
    };
    const byTurnover = {
      low: flow.low / TURNOVER_BY_STOCK[stock].high,
      high: flow.high / TURNOVER_BY_STOCK[stock].low,
    };
    return { stock, byWeight, byTurnover };
  });
  return { stocks, room, flow, measured: measured !== null };
}

/** How the printed size stands to a range. */
export type RatingVerdict = 'fits' | 'too high' | 'too low';

/**
 * Holds a printed tank size against an honest range; its ends belong to it.
 *
 * @param printed m³
 * @example describeRating(0.4, { low: 0.1, high: 0.3 }) // 'too high'
 */
export function describeRating(printed: number, { low, high }: TankRange): RatingVerdict {
  if (printed > high) return 'too high';
  return printed < low ? 'too low' : 'fits';
}
