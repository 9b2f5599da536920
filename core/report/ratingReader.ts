import type { Filter } from '../filter/filter';
import { mediaRoom } from '../filter/mediaRoom';

/** A span of tank sizes, m³. */
export interface TankRange {
  readonly low: number;
  readonly high: number;
}

/** What a filter is good for at one kind of stock, and which of the two schools holds it down. */
export interface RatedStock extends TankRange {
  readonly stock: 'planted' | 'normal' | 'heavy';
  /** By the weight of biological media it can hold. */
  readonly byWeight: TankRange;
  /** By how often it can turn the tank over. */
  readonly byTurnover: TankRange;
  readonly heldBy: 'media' | 'flow';
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

/** Share of the room that biological media take in a good pack, low and high (common practice, no source). */
const BIOLOGICAL_SHARE = { low: 0.4, high: 0.65 };
/** Porous media poured, kg/m³ of room: 0.65 to 0.7 kg a litre (common practice, no source). */
const POURED = { low: 650, high: 700 };
/** Media asked for by stock, kg per m³ of tank: 1 kg per 100 L normal, 2 kg heavy; plants take up part of the load (planted: calibrated). */
const ASKED = { planted: { low: 5, high: 10 }, normal: { low: 10, high: 10 }, heavy: { low: 20, high: 20 } };
/** Turnover asked for by stock, 1/s: about 5 an hour, less in planted tanks, more with heavy stock (common practice, no source). */
const PER_HOUR = 1 / 3600;
const TURNED = {
  planted: { low: 3 * PER_HOUR, high: 5 * PER_HOUR },
  normal: { low: 4 * PER_HOUR, high: 6 * PER_HOUR },
  heavy: { low: 6 * PER_HOUR, high: 10 * PER_HOUR },
};
/** Real flow of a packed filter as a share of the label’s (common practice, thin evidence). */
const PACKED_SHARE = { low: 0.6, high: 0.75 };

/**
 * Turns the tank size printed on a box into an honest range for planted, normal and heavy stock: the smaller of what
 * the filter’s biological media and what its flow are good for.
 *
 * @param measured flow timed at the outlet, m³/s, or null
 * @source the trade’s two ways of sizing, see the constants.
 */
export function ratingReader(filter: Filter, measured: number | null): Rating {
  const room = mediaRoom(filter);
  const flow =
    measured === null
      ? { low: filter.labelFlow * PACKED_SHARE.low, high: filter.labelFlow * PACKED_SHARE.high }
      : { low: measured, high: measured };
  const mass = {
    low: room * BIOLOGICAL_SHARE.low * POURED.low,
    high: room * BIOLOGICAL_SHARE.high * POURED.high,
  };
  const stocks = (['planted', 'normal', 'heavy'] as const).map((stock): RatedStock => {
    const byWeight = { low: mass.low / ASKED[stock].high, high: mass.high / ASKED[stock].low };
    const byTurnover = { low: flow.low / TURNED[stock].high, high: flow.high / TURNED[stock].low };
    return {
      stock,
      low: Math.min(byWeight.low, byTurnover.low),
      high: Math.min(byWeight.high, byTurnover.high),
      byWeight,
      byTurnover,
      heldBy: byWeight.high < byTurnover.high ? 'media' : 'flow',
    };
  });
  return { stocks, room, flow, measured: measured !== null };
}

/** How the printed size stands to a range. */
export type Verdict = 'fits' | 'too high' | 'too low';

export function verdict(printed: number, { low, high }: TankRange): Verdict {
  if (printed > high) return 'too high';
  return printed < low ? 'too low' : 'fits';
}
