import type { Filter } from '../filter/filter';
import { jugFlow } from '../hydraulics/jugFlow';
import { AIR_WORK, PART_WORKS } from '../log/serviceWorks';
import type { LogEntry } from '../log/logEntry';
import type { Layer } from '../layers/layer';
import type { PlacedLayer } from '../layers/placedLayer';
import { placeLayers } from '../layers/placeLayers';
import { costOnce, electricityPerYear } from '../prepare/costs';
import { PER_WORK, visitBurden } from '../service/visitBurden';
import type { Shelf } from '../shelf/shelf';
import { DAY_MS } from '../units/daysBetween';
import type { OutlookForecast } from '../outlook/outlook';
import { sum, sumOf } from '../maths/sum';

/** What hands and money a month took, or is likely to take. */
export interface Burden {
  readonly minutes: number;
  /** Consumables, in the keeper’s money, as far as prices are known. */
  readonly money: number;
  /** Layers that were renewed and have no price. */
  readonly unpriced: number;
}

/** One calendar month of a filter (UTC). Flows m³/s, concentrations kg N/m³. */
export interface CareMonth {
  /** "2026-11" */
  readonly month: string;
  /** What the log says was done, and what is planned in what is left of the month. */
  readonly done: Burden;
  readonly planned: Burden;
  /** Electricity of the whole month; null while watts or price are not known. */
  readonly electricity: number | null;
  /** Mean of the flows that were timed; null: none. */
  readonly flow: number | null;
  /** Highest that was read; null: not tested. */
  readonly ammonia: number | null;
  readonly nitrite: number | null;
  readonly nitrate: number | null;
}

/** All that months are made of. */
export interface CareMonthsInput {
  readonly filter: Filter;
  readonly layers: readonly Layer[];
  /** Of the filter and of its tank, in any order. */
  readonly log: readonly LogEntry[];
  readonly ahead: Pick<OutlookForecast, 'packedAt' | 'visits'> | null;
  readonly shelf: Shelf;
  /** Price of a kilowatt-hour; null: not known. */
  readonly electricityPrice: number | null;
}

const MONTHS_A_YEAR = 12;
const NO_BURDEN: Burden = { minutes: 0, money: 0, unpriced: 0 };

/**
 * The months of a filter, from one to another, both counted: minutes and money as logged and as planned, and what was
 * read. Minutes are those that a visit of the kind usually takes; a repack counts as a visit to all layers.
 *
 * @param from "2026-01"
 * @param to "2026-12"; earlier than `from` gives no month
 */
export function careMonths(input: CareMonthsInput, from: string, to: string): CareMonth[] {
  const { filter, layers, log, ahead, shelf } = input;
  const inFlow = placeLayers(filter, layers);
  const perYear = electricityPerYear(filter, input.electricityPrice);
  const planned = (ahead?.visits ?? []).map((visit) => ({
    month: monthOf(new Date(Date.parse(ahead?.packedAt ?? '') + visit.day * DAY_MS).toISOString()),
    burden: {
      ...renewing(
        inFlow,
        visit.works.filter(({ work }) => work === 'replace').map(({ layerId }) => layerId),
        shelf,
      ),
      minutes: visit.minutes,
    },
  }));
  const own = log.filter(({ filterId }) => filterId === filter.id);
  const done = own.flatMap((entry) => {
    const burden = burdenOf(entry, filter, inFlow, shelf);
    return burden === null ? [] : [{ month: monthOf(entry.at), burden }];
  });
  const highest = (key: 'ammonia' | 'nitrite' | 'nitrate', month: string): number | null =>
    log.reduce<number | null>(
      (most, entry) =>
        entry.kind !== 'test' || monthOf(entry.at) !== month || entry[key] === null
          ? most
          : Math.max(most ?? 0, entry[key]),
      null,
    );
  return monthsFrom(from, to).map((month) => {
    const flows = own.flatMap((entry) =>
      entry.kind === 'flow' && monthOf(entry.at) === month
        ? [jugFlow(entry.jugVolume, entry.seconds).mean]
        : [],
    );
    return {
      month,
      done: burdenIn(done, month),
      planned: burdenIn(planned, month),
      electricity: perYear === null ? null : perYear / MONTHS_A_YEAR,
      flow: flows.length === 0 ? null : sum(flows) / flows.length,
      ammonia: highest('ammonia', month),
      nitrite: highest('nitrite', month),
      nitrate: highest('nitrate', month),
    };
  });
}

/** The month of an ISO moment or day. */
export const monthOf = (at: string): string => at.slice(0, 'yyyy-mm'.length);

function monthsFrom(from: string, to: string): string[] {
  const months: string[] = [];
  const first = new Date(`${from}-01T00:00:00Z`);
  while (monthOf(first.toISOString()) <= to) {
    months.push(monthOf(first.toISOString()));
    first.setUTCMonth(first.getUTCMonth() + 1);
  }
  return months;
}

const burdenIn = (
  burdens: readonly { readonly month: string; readonly burden: Burden }[],
  month: string,
): Burden =>
  burdens
    .filter((item) => item.month === month)
    .reduce(
      (sum, { burden }) => ({
        minutes: sum.minutes + burden.minutes,
        money: sum.money + burden.money,
        unpriced: sum.unpriced + burden.unpriced,
      }),
      NO_BURDEN,
    );

/** What an entry of the log took; null: nothing that hands or money went into. */
function burdenOf(
  entry: LogEntry,
  filter: Filter,
  inFlow: readonly PlacedLayer[],
  shelf: Shelf,
): Burden | null {
  if (entry.kind === 'repacked')
    return {
      ...NO_BURDEN,
      minutes: visitBurden(
        filter,
        inFlow,
        inFlow.map(({ layer }) => layer.id),
      ).minutes,
    };
  if (entry.kind !== 'service') return null;
  const onLayers = entry.works.filter(({ layerId }) => layerId !== null);
  const parts = entry.works.filter(({ work }) => work !== AIR_WORK && PART_WORKS.includes(work)).length;
  // It stands in the tank: nothing is opened for it.
  const air = entry.works.length - onLayers.length - parts;
  return {
    ...renewing(
      inFlow,
      onLayers.filter(({ work }) => work === 'replaced').map(({ layerId }) => layerId ?? ''),
      shelf,
    ),
    minutes:
      visitBurden(
        filter,
        inFlow,
        onLayers.map(({ layerId }) => layerId ?? ''),
        parts,
      ).minutes +
      air * PER_WORK,
  };
}

/** What it costs to renew layers; one that is not in the pack any more has no price. */
function renewing(
  inFlow: readonly PlacedLayer[],
  layerIds: readonly string[],
  shelf: Shelf,
): Pick<Burden, 'money' | 'unpriced'> {
  const costs = layerIds.map((layerId) => {
    const placed = inFlow.find(({ layer }) => layer.id === layerId);
    return placed === undefined ? null : costOnce(placed, shelf);
  });
  return {
    money: sumOf(costs, (cost) => cost ?? 0),
    unpriced: costs.filter((cost) => cost === null).length,
  };
}
