import { surfaceOutsideFilters, grownShareOutsideFilters, tankOxygen } from '../biology/bacteriaCover';
import type { UncertainTank } from '../biology/courseRange';
import { cycle } from '../biology/cycle';
import type { CycleCourse } from '../biology/cycleCourse';
import { retainedFilmShare, type FilmHistory } from '../biology/retainedFilmShare';
import { matureFilm, START_SHARE, type Start } from '../biology/matureFilm';
import { nitrogenPerDay } from '../biology/nitrogenPerDay';
import type { Repacked } from '../biology/repackCourse';
import type { ZeoliteBed } from '../biology/zeoliteBed';
import { zeoliteBed } from '../chemical/zeoliteHolds';
import type { Filter } from '../filter/filter';
import { operatingPoint } from '../hydraulics/operatingPoint';
import { foundAs } from '../layers/foundAs';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import type { Range } from '../maths/range';
import { netVolume } from '../tank/netVolume';
import type { Tank } from '../tank/tank';
import { sumOf } from '../maths/sum';

/** A tank with the filters on it. */
export interface TankWithFilters {
  readonly tank: Tank;
  readonly filter: Filter;
  readonly layers: readonly Layer[];
  readonly others: readonly { readonly filter: Filter; readonly layers: readonly Layer[] }[];
  /** ISO moment at which the tank is looked at; null: all has grown. */
  readonly now: string | null;
}

/** Surface for bacteria of one layer, as far as the water goes through it, m². */
export interface LayerSurface extends Range {
  readonly layer: Layer;
}

/** Surface for bacteria in each layer of a clean pack, as far as the water goes through it, m²; in flow order. */
export function layerSurfaces(
  filter: Filter,
  layers: readonly Layer[],
  celsius: number,
): readonly LayerSurface[] {
  const placed = placeLayers(filter, layers);
  const water = operatingPoint(filter, placed, celsius);
  return placed.map(({ layer, measure: { surfaceRange } }, index) => {
    const passes = water.layers[index]?.passThrough ?? 0;
    return {
      layer,
      low: surfaceRange.low * passes,
      likely: surfaceRange.likely * passes,
      high: surfaceRange.high * passes,
    };
  });
}

const total = (surfaces: readonly Range[], key: keyof Range): number =>
  sumOf(surfaces, (surface) => surface[key]);

/** The zeolite in a pack as one bed; null where there is none. */
function zeoliteOf(filter: Filter, layers: readonly Layer[], { generalHardness }: Tank): ZeoliteBed | null {
  const mass = sumOf(
    placeLayers(filter, layers).filter(({ medium }) => medium.family === 'zeolite'),
    ({ measure }) => measure.dryMass,
  );
  return mass > 0 ? zeoliteBed(mass, generalHardness) : null;
}

/** Two beds in the same water as one. */
const together = (a: ZeoliteBed | null, b: ZeoliteBed | null): ZeoliteBed | null =>
  a === null || b === null ? (a ?? b) : { ...a, capacity: a.capacity + b.capacity };

/** What the bacteria of a tank are followed from, all media staying; null where nothing is fed. */
export function tankBiology({ tank, filter, layers, others, now }: TankWithFilters): UncertainTank | null {
  const load = nitrogenPerDay(tank);
  if (load.likely <= 0) return null;
  const filters = [{ filter, layers }, ...others];
  const surfaces = filters.flatMap((item) => layerSurfaces(item.filter, item.layers, tank.temperature));
  const outside = surfaceOutsideFilters(tank);
  return {
    volume: netVolume(tank.water).value,
    celsius: tank.temperature,
    oxygen: tankOxygen(tank),
    load: load.likely,
    loadRange: load,
    staying: total(surfaces, 'likely'),
    surfaceRange: {
      low: total(surfaces, 'low'),
      likely: total(surfaces, 'likely'),
      high: total(surfaces, 'high'),
    },
    outside: outside.likely,
    outsideRange: outside,
    outsideGrown: grownShareOutsideFilters(tank, now),
    zeolite: filters
      .map((item) => zeoliteOf(item.filter, item.layers, tank))
      .reduce<ZeoliteBed | null>(together, null),
  };
}

/**
 * A tank that is started with a pack: how long ammonia and nitrite take. Null where nothing is fed.
 *
 * @param start how mature filter and tank are
 * @param fed kg N a day; left out: the likely load
 */
export function packCycle(
  pack: TankWithFilters,
  start: Start,
  days: number,
  fed?: number,
): CycleCourse | null {
  const tank = tankBiology(pack);
  if (tank === null) return null;
  const { volume, celsius, oxygen, zeolite } = tank;
  const load = fed ?? tank.load;
  const places = matureFilm(
    [tank.staying, tank.outside].map((surface) => ({ surface, oxygen })),
    load,
    celsius,
    START_SHARE[start],
  );
  return cycle({
    volume,
    celsius,
    load,
    places,
    zeolite,
    start: { ammonia: 0, nitrite: 0, nitrate: 0 },
    events: [],
    days,
  });
}

/**
 * What a repack does to the media of a tank: the surface before and after, and the film that comes through it.
 *
 * @param found layers as found, each with what becomes of it
 * @param after layers as packed
 * @param alive share of the film that survived the time out of flow, 0–1
 */
export function repackedMedia(
  { tank, filter, layers: after, others, now }: TankWithFilters,
  found: readonly Layer[],
  rinseWater: FilmHistory['rinseWater'],
  alive: number,
): Repacked {
  const celsius = tank.temperature;
  const before = foundAs(filter, after, found);
  const elsewhere = total(
    others.flatMap((item) => layerSurfaces(item.filter, item.layers, celsius)),
    'likely',
  );
  const was = layerSurfaces(filter, before, celsius);
  const is = layerSurfaces(filter, after, celsius);
  const sizes = new Map(was.map(({ layer, likely }) => [layer.id, likely]));
  // A piece that was made smaller keeps its film on what is left of it; one made larger has no more than it had.
  const kept = sumOf(
    is,
    ({ layer, likely }) =>
      alive *
      retainedFilmShare(layer, { found: before, rinseWater, now }) *
      Math.min(likely, sizes.get(layer.id) ?? 0),
  );
  const all = total(was, 'likely') + elsewhere;
  const beside = others
    .map((item) => zeoliteOf(item.filter, item.layers, tank))
    .reduce<ZeoliteBed | null>(together, null);
  // What was in before and was not recharged is still as full as it was.
  const same = after.filter((layer) =>
    before.some(
      ({ id, medium, treatment }) => id === layer.id && medium === layer.medium && treatment !== 'recharge',
    ),
  );
  const bed = (inFilter: readonly Layer[]): ZeoliteBed | null =>
    together(zeoliteOf(filter, inFilter, tank), beside);
  return {
    before: all,
    after: total(is, 'likely') + elsewhere,
    kept: all > 0 ? Math.min(1, (kept + elsewhere) / all) : 0,
    newTank: before.length === 0 && others.length === 0 && tank.airFilters.length === 0,
    zeolite: { before: bed(before), after: bed(after), stays: bed(same)?.capacity ?? 0 },
  };
}
