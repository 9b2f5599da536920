import { DAYS_A_YEAR } from '../units/time';
import type { Filter } from '../filter/filter';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import type { PlacedLayer } from '../layers/placedLayer';
import { solidsFactor } from '../layers/solidsFactor';
import type { ServicePlan } from '../service/servicePlan';
import { cheapestPerVolume } from '../shelf/pricePerLitre';
import type { Shelf } from '../shelf/shelf';
import { sumOf } from '../maths/sum';

/** Hours in a year. */
const HOURS = 24 * DAYS_A_YEAR;
const WATTS_IN_KILOWATT = 1000;

/** What one layer costs. Money in the keeper’s currency, null where no price is known. */
export interface LayerCost {
  readonly layerId: string;
  /** What fills it once. */
  readonly once: number | null;
  /** Times it is renewed in a year. */
  readonly perYear: number;
  readonly perLitre: number | null;
  /** Per m² of surface that bacteria can use; null for media without any. */
  readonly perSurface: number | null;
}

/** What a pack costs to run. */
export interface PackCosts {
  readonly layers: readonly LayerCost[];
  /** What the media cost to fill in once, as far as their prices are known, and how many layers have none. */
  readonly filling: number;
  readonly fillingUnpriced: number;
  /** Consumables of a year, as far as their prices are known. */
  readonly consumables: number;
  /** Renewed layers without a price. */
  readonly unpriced: number;
  /** Electricity of a year; null while watts or price are not known. */
  readonly electricity: number | null;
}

/** What a layer costs to fill once; null where no price is known. */
export function costOnce({ layer, medium, measure }: PlacedLayer, shelf: Shelf): number | null {
  if (medium.supply === 'piece') {
    const prices = shelf.items
      .filter((item) => item.kind === 'piece' && item.medium === medium.id)
      .map(({ price }) => price)
      .filter((price) => price !== null);
    return prices.length === 0 ? null : Math.min(...prices);
  }
  const price = cheapestPerVolume(medium.id, shelf);
  // As it lies free: pressed foam and placed stone are more of it.
  return price === null ? null : price * measure.volume * solidsFactor(medium, layer);
}

/** Money that the electricity of a filter’s pumps costs in a year. @source watts × hours × price */
export const electricityPerYear = ({ pump }: Pick<Filter, 'pump'>, price: number | null): number | null =>
  pump.power === null || price === null ? null : (pump.power / WATTS_IN_KILOWATT) * HOURS * price;

/**
 * What a pack costs: each layer once and in a year, and electricity.
 *
 * @param plan the year’s visits; null: the feed rate is unknown, and nothing is known to be renewed
 * @param electricity price of a kilowatt-hour
 */
export function packCosts(
  filter: Filter,
  layers: readonly Layer[],
  plan: Pick<ServicePlan, 'intervals'> | null,
  shelf: Shelf,
  electricity: number | null,
): PackCosts {
  const found = placeLayers(filter, layers).map((placed): LayerCost => {
    const { layer, measure } = placed;
    const interval = plan?.intervals.find(({ layerId, work }) => layerId === layer.id && work === 'replace');
    const once = costOnce(placed, shelf);
    return {
      layerId: layer.id,
      once,
      perYear: interval === undefined ? 0 : DAYS_A_YEAR / interval.days,
      perLitre: once === null || measure.volume <= 0 ? null : once / (measure.volume * 1000),
      perSurface: once === null || measure.surface <= 0 ? null : once / measure.surface,
    };
  });
  return {
    layers: found,
    filling: sumOf(found, ({ once }) => once ?? 0),
    fillingUnpriced: found.filter(({ once }) => once === null).length,
    consumables: sumOf(found, ({ once, perYear }) => (once ?? 0) * perYear),
    unpriced: found.filter(({ once, perYear }) => once === null && perYear > 0).length,
    electricity: electricityPerYear(filter, electricity),
  };
}

/**
 * Years after which a switch has paid for itself; null where it never does.
 *
 * @param now what the switch costs
 * @param before money a year until now
 * @param after money a year from then on
 * @example payBack(20, 60, 10) // 0.4
 */
export const payBack = (now: number, before: number, after: number): number | null =>
  before > after ? now / (before - after) : null;

/** Cartridges that a filter of this kind takes in a year, when each lasts about so many days (common practice: 3–4 weeks). */
export const CARTRIDGE_DAYS = 25;

/** What disposable cartridges would cost in a year; null where no price is known. */
export function cartridgesPerYear(shelf: Shelf): number | null {
  const prices = shelf.items
    .filter((item) => item.kind === 'piece' && item.medium === 'cartridge')
    .map(({ price }) => price)
    .filter((price) => price !== null);
  return prices.length === 0 ? null : (DAYS_A_YEAR / CARTRIDGE_DAYS) * Math.min(...prices);
}
