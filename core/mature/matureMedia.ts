import { MAX_DONOR_SHARE } from '../practice/donorShare';
import { airFilterSurface } from '../biology/airFilterSurface';
import { tankOxygen } from '../biology/bacteriaCover';
import { currentNitrificationCapacity, type MaturingPlace } from '../biology/currentNitrificationCapacity';
import { FILM_KEPT } from '../biology/filmSurvivalByTreatment';
import { inTankBacteriaSurface } from '../biology/inTankBacteriaSurface';
import { grownShareSince } from '../biology/retainedFilmShare';
import { nitrogenPerDay } from '../biology/nitrogenPerDay';
import { LIMITS } from '../biology/nitrifiers';
import type { Filter } from '../filter/filter';
import type { LogEntry } from '../log/logEntry';
import { isBiologicalOnly } from '../layers/layerRole';
import { mediumOf } from '../layers/mediumOf';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import { mediumById } from '../media/catalogue';
import { layerSurfaces } from '../report/tankBiology';
import type { Range } from '../maths/range';
import { isFoodAssumed } from '../tank/feedPerDay';
import type { Tank } from '../tank/tank';
import { daysBetween } from '../units/daysBetween';
import { upperFirst } from '../units/firstLetter';
import { sum } from '../maths/sum';

/** A tank with all of its filters, and what was logged of its water lately. */
export interface TankMediaInput {
  readonly tank: Tank;
  readonly filters: readonly {
    readonly filter: Filter;
    readonly layers: readonly Layer[];
    /** Its media are out: a repack is under way. */
    readonly isOut: boolean;
  }[];
  /** Tests and what was put in, in any order; of the last {@link LOG_WINDOW_DAYS} days at least. */
  readonly log: readonly LogEntry[];
}

/** Media that bacteria live in: one layer, or one air-driven filter. */
export interface MediaHome {
  readonly key: string;
  /** null: an air-driven filter. */
  readonly filterId: string | null;
  readonly filter: string;
  /** Name of its chamber; null: an air-driven filter. */
  readonly chamber: string | null;
  readonly medium: string;
  /** m³ */
  readonly volume: number;
  /** ISO date; null: not known. */
  readonly installedOn: string | null;
  /** Share of its film that has grown, 0–1: counted as grown where its date is unknown. */
  readonly grown: number;
  /** What of it may be taken without taking mechanical media: biological media, and what an air-driven filter holds. */
  readonly isGiveable: boolean;
  /** Nitrogen that its film can oxidise now, kg N a day. */
  readonly bears: number;
}

/** Why a tank gives nothing. */
export type Refusal =
  'no food' | 'repack' | 'medicine' | 'test' | 'new' | 'needs its own' | 'nothing to give';

/** What lives in a tank’s media, and what of it could go. */
export interface TankMedia {
  readonly tankId: string;
  readonly tank: string;
  /** °C */
  readonly celsius: number;
  /** Nitrogen of today’s food, kg N a day; null: no food is entered. */
  readonly load: number | null;
  /** For how many times today’s food the film is enough that lives there now; null where no food is entered. */
  readonly atOnce: Range | null;
  readonly homes: readonly MediaHome[];
  /** The piece of which most may go; null where the tank gives nothing. */
  readonly piece: MaturePiece | null;
  readonly refusal: Refusal | null;
}

/** A piece of mature media, and the share of it that may go, 0–1. */
export interface MaturePiece {
  readonly home: MediaHome;
  readonly share: number;
}

/** All of a tank that is asked for when media is given, without the list of what lives in it. */
export type GivingTank = Omit<TankMedia, 'homes'>;

/** Homes that are listed on a page. */
export const MATURE_ROWS = 60;

/** Days for which medicine keeps a tank from giving media, and a test counts (common practice, no source). */
const MEDICINE_DAYS = 28;
const TEST_DAYS = 14;
/** Days of log that the answer depends on. */
export const LOG_WINDOW_DAYS = Math.max(MEDICINE_DAYS, TEST_DAYS);
/** Days after which media are mature enough to give away: the film has grown (as {@link grownShareSince} has it). */
const MATURE = 1;

/** What lives in the media of a tank now. @param now ISO moment */
export function tankMedia({ tank, filters, log }: TankMediaInput, now: string): TankMedia {
  const oxygen = tankOxygen(tank);
  const load = nitrogenPerDay(tank);
  const layers = filters.flatMap(({ filter, layers: inIt }) => {
    const surfaces = layerSurfaces(filter, inIt, tank.temperature);
    const placed = new Map(placeLayers(filter, inIt).map((place) => [place.layer.id, place]));
    return surfaces.map(({ layer, ...surface }) => ({
      surface,
      share: grownShareSince(layer.installedOn, now),
      home: {
        key: `${filter.id}/${layer.id}`,
        filterId: filter.id,
        filter: filter.name,
        chamber: placed.get(layer.id)?.chamber.name ?? null,
        medium: mediumOf(layer).name,
        volume: placed.get(layer.id)?.measure.volume ?? 0,
        installedOn: layer.installedOn,
        isGiveable: isBiologicalOnly(layer),
      },
    }));
  });
  const air = tank.airFilters.map((filter) => ({
    surface: airFilterSurface([filter]),
    share: grownShareSince(filter.installedOn, now),
    home: {
      key: filter.id,
      filterId: null,
      filter: `${upperFirst(filter.kind)}, air-driven`,
      chamber: null,
      medium: mediumById(filter.medium).name,
      volume: filter.volume,
      installedOn: filter.installedOn,
      isGiveable: true,
    },
  }));
  const all = [...layers, ...air];
  const inTank = inTankBacteriaSurface(tank);
  const placesAt = (end: keyof Range): MaturingPlace[] => [
    ...all.map(({ surface, share }) => ({ surface: surface[end], oxygen, share })),
    { surface: inTank[end], oxygen, share: 1 },
  ];
  // Nothing is given away, and nobody is alarmed, on a food that is only assumed.
  const fed = load.likely > 0 && !isFoodAssumed(tank) ? load.likely : null;
  const borneAt = (end: keyof Range): readonly number[] => {
    if (fed === null) return all.map(() => 0);
    const { ammonia, nitrite } = currentNitrificationCapacity(placesAt(end), fed, tank.temperature);
    return sum(ammonia) <= sum(nitrite) ? ammonia : nitrite;
  };
  const likely = borneAt('likely');
  const times = (end: keyof Range): number => sum(borneAt(end)) / (fed ?? 1);
  const atOnce = fed === null ? null : { low: times('low'), likely: times('likely'), high: times('high') };
  const homes = all.map(({ home, share, surface }, index): MediaHome => ({
    ...home,
    grown: share,
    bears: surface.likely > 0 ? (likely[index] ?? 0) : 0,
  }));
  const refusal = whyNot(filters, log, homes, atOnce, now);
  return {
    tankId: tank.id,
    tank: tank.name,
    celsius: tank.temperature,
    load: fed,
    atOnce,
    homes,
    piece: refusal === null ? bestPiece(homes, atOnce, fed) : null,
    refusal,
  };
}

function whyNot(
  filters: TankMediaInput['filters'],
  log: readonly LogEntry[],
  homes: readonly MediaHome[],
  atOnce: Range | null,
  now: string,
): Refusal | null {
  const within = (at: string, days: number): boolean => daysBetween(at, now) < days;
  const [test] = log
    .filter((entry) => entry.kind === 'test' && within(entry.at, TEST_DAYS))
    .sort((a, b) => b.at.localeCompare(a.at));
  const giveable = homes.filter(({ isGiveable, bears }) => isGiveable && bears > 0);
  if (
    log.some(
      (entry) => entry.kind === 'addition' && entry.what === 'medicine' && within(entry.at, MEDICINE_DAYS),
    )
  )
    return 'medicine';
  if (test?.kind === 'test' && ((test.ammonia ?? 0) > LIMITS.ammonia || (test.nitrite ?? 0) > LIMITS.nitrite))
    return 'test';
  if (filters.some(({ isOut }) => isOut)) return 'repack';
  if (atOnce === null) return 'no food';
  if (giveable.length === 0) return 'nothing to give';
  if (giveable.every(({ grown }) => grown < MATURE)) return 'new';
  return atOnce.low > 1 ? null : 'needs its own';
}

/** A piece of mature media that could go to another tank. */
export interface Donation {
  readonly from: GivingTank;
  readonly home: MediaHome;
  /** m³ of it that may go. */
  readonly volume: number;
  /** Nitrogen that it can oxidise now, kg N a day. */
  readonly bears: number;
  /** Share of the other tank’s food that the piece is enough for at once, moved wet in tank water; as a range of media. */
  readonly covers: Range | null;
  /** For how many times its own food the giving tank is still enough, at the low end. */
  readonly leaves: number;
}

/** Share of the film that comes through the move, wet and within the hour: as through a gentle swish. */
const FILM_KEPT_IN_MOVE = FILM_KEPT.swish;

/**
 * The piece of which most may go: at most a third of it, and no more than leaves its tank enough for its own food at the
 * low end.
 */
function bestPiece(
  homes: readonly MediaHome[],
  atOnce: Range | null,
  load: number | null,
): MaturePiece | null {
  if (atOnce === null || load === null) return null;
  const spare = (1 - 1 / atOnce.low) * atOnce.likely * load;
  return (
    homes
      .filter(({ isGiveable, grown, bears }) => isGiveable && grown >= MATURE && bears > 0)
      .map((home) => ({ home, share: Math.min(MAX_DONOR_SHARE, spare / home.bears) }))
      .sort((a, b) => b.share * b.home.bears - a.share * a.home.bears)[0] ?? null
  );
}

/**
 * What could seed or rescue a tank: one piece from each tank that can spare it, the one with the greatest capacity first.
 *
 * @param to null: a tank that is not entered yet
 */
export function donorsFor(to: GivingTank | null, all: readonly GivingTank[]): Donation[] {
  return all
    .flatMap((from): Donation[] => {
      const { tankId, atOnce, load, piece } = from;
      if (tankId === to?.tankId || atOnce === null || load === null || piece === null) return [];
      const { home, share } = piece;
      const given = share * home.bears;
      const against = to?.load ?? null;
      const covers = (end: keyof Range): number =>
        (FILM_KEPT_IN_MOVE * given * (atOnce[end] / atOnce.likely)) / (against ?? 1);
      return [
        {
          from,
          home,
          volume: share * home.volume,
          bears: FILM_KEPT_IN_MOVE * given,
          covers:
            against === null ? null : { low: covers('low'), likely: covers('likely'), high: covers('high') },
          leaves: atOnce.low * (1 - given / (atOnce.likely * load)),
        },
      ];
    })
    .sort((a, b) => b.bears - a.bears);
}

/** True where a tank’s film may not be enough for today’s food: it could do with mature media. */
export const needsMedia = ({ atOnce }: GivingTank): boolean => atOnce !== null && atOnce.low < 1;
