import {
  bacteriaCover,
  surfaceOutsideFilters,
  grownShareOutsideFilters,
  tankOxygen,
  type BacteriaCover,
} from '../biology/bacteriaCover';
import { liveSurface, type LayerHome } from '../biology/layerHome';
import { currentNitrificationCapacity } from '../biology/currentNitrificationCapacity';
import { retainedFilmShare, type FilmHistory } from '../biology/retainedFilmShare';
import { layerUptake } from '../biology/layerUptake';
import { nitrogenPerDay } from '../biology/nitrogenPerDay';
import type { FilmPlace } from '../biology/steadyState';
import type { Silt } from '../dirt/silt';
import type { Filter } from '../filter/filter';
import type { LayerFlow } from '../hydraulics/operatingPoint';
import type { Layer } from '../layers/layer';
import type { PlacedLayer } from '../layers/placedLayer';
import { placeLayers } from '../layers/placeLayers';
import type { Range } from '../maths/range';
import type { Tank } from '../tank/tank';
import { ammoniaShare } from '../water/ammoniaShare';
import { sum, sumOf } from '../maths/sum';

/** What the bacteria of one layer do in the steady state: nitrogen taken up, kg N a day; oxygen in kg/m³. */
export interface LayerBacteria {
  readonly layerId: string;
  readonly ammonia: number;
  readonly nitrite: number;
  /** In the water that leaves it, mixed with what went past. */
  readonly oxygenAfter: number;
}

/** All that is known of a tank’s bacteria with a pack. */
export interface ReportBacteria extends BacteriaCover {
  /** What the film left after the planned work could process now, without growth. */
  readonly atOnce: Range;
  /** Nitrogen to be taken up, kg N a day. */
  readonly load: Range;
  /** What each layer offers its bacteria, in flow order; and surface outside this filter, m². */
  readonly homes: readonly LayerHome[];
  readonly outsideSurface: number;
  /** Left in the water once all has grown, kg N/m³; null where the load is too much. */
  readonly water: {
    readonly ammonia: number | null;
    readonly nitrite: number | null;
    /** Un-ionised; null also while the pH is not known. */
    readonly freeAmmonia: number | null;
  };
  /** Of the tank’s water, kg/m³. */
  readonly oxygen: number;
  /** In flow order. */
  readonly layers: readonly LayerBacteria[];
  /** Share taken up outside this filter, 0–1. */
  readonly outsideShare: number;
}

/** What the bacteria of a pack are judged from. */
export interface BacteriaInput {
  readonly tank: Tank;
  readonly others: readonly { readonly filter: Filter; readonly layers: readonly Layer[] }[];
}

/**
 * For how much food the bacteria of a pack are enough, with those of the other filters on its tank, and what each layer
 * has its part in. A layer counts as far as the water goes through it and no silt covers it.
 *
 * @param flow through the filter, m³/s
 * @param silt of a day; left out: the media are clean
 */
export function reportBacteria(
  { tank, others }: BacteriaInput,
  inFlow: readonly PlacedLayer[],
  flowOf: (placed: PlacedLayer) => LayerFlow,
  flow: number,
  history: FilmHistory,
  silt?: Silt,
): ReportBacteria | null {
  const load = nitrogenPerDay(tank);
  if (load.likely <= 0) return null;
  const oxygen = tankOxygen(tank);
  const celsius = tank.temperature;
  const elsewhere = others.flatMap(({ filter, layers }) => placeLayers(filter, layers));
  const homes = inFlow.map((placed, index): LayerHome => ({
    surface: placed.measure.surface,
    passThrough: flowOf(placed).passThrough,
    open: 1 - Math.min(1, silt?.fullness[index] ?? 0),
    oxygen,
  }));
  const likelyElsewhere = sumOf(elsewhere, ({ measure }) => measure.surface);
  const outside = surfaceOutsideFilters(tank);
  const around: readonly FilmPlace[] = [
    { surface: likelyElsewhere, oxygen },
    { surface: outside.likely, oxygen },
  ];
  const uptake = layerUptake(
    homes.map((home, index) => ({
      surface: liveSurface(home),
      own: home.passThrough * flow,
      whole: flow,
      rots: silt?.rots[index] ?? 0,
    })),
    around,
    oxygen,
    load.likely,
    celsius,
  );
  const within = homes.map((home, index) => ({ ...home, oxygen: uptake.layers[index]?.oxygenIn ?? oxygen }));
  const surfaceOf = (key: keyof Range): number =>
    inFlow.reduce((sum, placed, index) => {
      const home = within[index]!;
      return sum + placed.measure.surfaceRange[key] * home.passThrough * home.open;
    }, 0) + sumOf(elsewhere, (placed) => placed.measure.surfaceRange[key]);
  const filters: readonly FilmPlace[] = [
    ...within.map((home) => ({ surface: liveSurface(home), oxygen: home.oxygen })),
    { surface: likelyElsewhere, oxygen },
  ];
  const surface = { low: surfaceOf('low'), likely: surfaceOf('likely'), high: surfaceOf('high') };
  const cover = bacteriaCover(tank, { filters, surface });
  if (cover === null) return null;
  const beside = sumOf(
    elsewhere,
    ({ layer, measure }) => measure.surface * retainedFilmShare(layer, { ...history, found: null }),
  );
  const shares = [
    ...inFlow.map(({ layer }) => retainedFilmShare(layer, history)),
    likelyElsewhere > 0 ? beside / likelyElsewhere : 1,
    grownShareOutsideFilters(tank, history.now),
  ];
  const taken = sumOf(uptake.layers, (layer) => layer.ammonia);
  return {
    ...cover,
    atOnce: atOnce(tank, filters, shares, surface, outside, load),
    load,
    homes: within,
    outsideSurface: likelyElsewhere + outside.likely,
    water: {
      ammonia: uptake.ammonia,
      nitrite: uptake.nitrite,
      freeAmmonia:
        uptake.ammonia === null || tank.pH === null ? null : uptake.ammonia * ammoniaShare(celsius, tank.pH),
    },
    oxygen,
    layers: uptake.layers.map(({ ammonia, nitrite, oxygenAfter }, index) => ({
      layerId: inFlow[index]!.layer.id,
      ammonia,
      nitrite,
      oxygenAfter,
    })),
    outsideShare: uptake.ammonia === null ? 0 : Math.max(0, 1 - taken / load.likely),
  };
}

/**
 * For how many times today’s food the film is enough that lives there now, X·m at the limit over the load. Films grew
 * under today’s load; each place has its share of that, in the order of the filters’ places and then what is outside.
 */
function atOnce(
  { temperature: celsius }: Tank,
  filters: readonly FilmPlace[],
  shares: readonly number[],
  surface: Range,
  outside: Range,
  load: Range,
): Range {
  const oxygen = filters.at(-1)?.oxygen ?? 0;
  const at = (end: keyof Range): number => {
    const scale = surface.likely > 0 ? surface[end] / surface.likely : 1;
    const places = [
      ...filters.map((place, index) => ({
        surface: place.surface * scale,
        oxygen: place.oxygen,
        share: shares[index]!,
      })),
      { surface: outside[end], oxygen, share: shares[filters.length]! },
    ];
    const borne = currentNitrificationCapacity(places, load.likely, celsius);
    return Math.min(...[borne.ammonia, borne.nitrite].map((by) => sum(by) / load.likely));
  };
  return { low: at('low'), likely: at('likely'), high: at('high') };
}
