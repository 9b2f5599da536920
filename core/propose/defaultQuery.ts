import { fixedLayers } from './fixedLayers';
import { worksAsMature } from './worksAsMature';
import type { Filter } from '../filter/filter';
import { operatingPoint } from '../hydraulics/operatingPoint';
import { turnover } from '../hydraulics/turnover';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import { turnoverBand } from '../practice/turnoverBand';
import type { Surroundings } from '../report/surroundings';
import type { Shelf } from '../shelf/shelf';
import { netVolume } from '../tank/netVolume';
import { overflowsBlocked } from './overflowsBlocked';
import type { Limits, ProposeInput } from './proposeInput';
import { HOUR } from '../units/time';

/** What is known before anything is filled in. */
export interface KnownToPropose {
  readonly around: Surroundings;
  readonly filter: Filter;
  readonly mine: readonly Layer[];
  readonly today: readonly Layer[];
  readonly shelf: Shelf;
}

/** Visits a year that are enough for any filter: hands go in every two weeks (common practice, no source). */
const FORTNIGHTLY = 26;
/** Turnover that the plan misses by less than this share is no limit to be missed by another, 0–1. */
const ROUNDING_SHARE = 0.99;

/**
 * What a search begins with when nothing was filled in: media at hand, mature biological media and what the filter has of
 * its own stay, and no pack may be worse than it must be: no overflow where the body can keep from it, and the turnover of the trade, or today’s where
 * that is not reached.
 */
export function defaultQuery(known: KnownToPropose): ProposeInput {
  const { around, filter, mine, today } = known;
  return {
    ...known,
    from: 'hand',
    budget: null,
    stay: placeLayers(filter, today)
      .filter((placed) => worksAsMature(placed, around.now))
      .map(({ layer }) => layer.id),
    pinned: fixedLayers(filter, mine, around.schools),
    limits: firstLimits(around, filter, mine.length > 0 ? mine : today),
    seed: 1,
  };
}

function firstLimits({ tank, others }: Surroundings, filter: Filter, layers: readonly Layer[]): Limits {
  const volume = netVolume(tank.water).value;
  const band = turnoverBand(volume, tank.animals);
  const now = turnover(operatingPoint(filter, placeLayers(filter, layers), tank.temperature).flow, volume);
  const stack = filter.spill?.lipAboveFloor ?? 0;
  return {
    neverOverflows: filter.spill !== null && !overflowsBlocked(filter, stack),
    // Beside other filters a turnover of its own says nothing.
    leastTurnover: others.length > 0 ? null : roundedDown(Math.min(band.low, ROUNDING_SHARE * now)),
    mostTurnover: null,
    mostVisits: FORTNIGHTLY,
    mostMinutes: null,
    mostMass: null,
  };
}

/** A turnover in whole tenths an hour, as it is shown: entered anew as it reads, it asks for no more. */
const roundedDown = (turned: number): number =>
  Math.floor(turned / TENTH_OF_A_TANK_AN_HOUR + ROUNDING_ERROR) * TENTH_OF_A_TANK_AN_HOUR;
/** Tanks a second. */
const TENTH_OF_A_TANK_AN_HOUR = 0.1 / HOUR;
/** What arithmetic loses on a whole number of tenths. */
const ROUNDING_ERROR = 1e-9;
