import type { Filter } from '../filter/filter';
import { FILTER_KINDS } from '../filter/filterKindWords';
import type { Layer } from '../layers/layer';
import { mediumOf } from '../layers/mediumOf';
import { chambersInPackingOrder, packingOrder } from '../layers/packingOrder';
import { placeLayers } from '../layers/placeLayers';
import type { Medium } from '../media/medium';
import { WORKS } from '../pack/works';
import { type Work } from '../pack/visit';
import type { DatedVisit } from '../care/datedVisits';
import type { NoForecast } from '../outlook/whyNoForecast';
import { outletLimit } from '../dirt/serviceLimits';
import { cautions } from '../cautions/cautions';
import { sumOf } from '../maths/sum';

/** A layer on the card. */
export interface CardLayer {
  readonly layerId: string;
  readonly medium: Medium;
  readonly chamber: string;
  readonly flowNumber: number;
  /** m */
  readonly thickness: number;
  readonly installedOn: string | null;
  /** The next time that it is worked on: ISO date and what is done; null: not within a year, or no visits are known. */
  readonly due: { readonly on: string; readonly work: Work } | null;
}

/** A visit on the card: its day and what is done. */
export interface CardVisit {
  readonly on: string;
  /** Its day is past. */
  readonly isOverdue: boolean;
  readonly minutes: number;
  /** By what is done, the layers’ numbers in flow order. */
  readonly works: readonly { readonly work: Work; readonly layers: readonly number[] }[];
}

/** What lies in one chamber. */
export interface CardChamber {
  readonly name: string;
  /** m³ and kg of media, dry. */
  readonly volume: number;
  readonly mass: number;
}

/** The card that hangs inside the cabinet door. */
export interface PackCard {
  readonly filter: string;
  readonly tank: string;
  /** Dry food a day that the dates rest on where none is entered, kg; null: it is entered. */
  readonly assumedFood: number | null;
  readonly kind: string;
  readonly packedOn: string;
  /** In packing order: the first goes in first. */
  readonly layers: readonly CardLayer[];
  /** Chambers with media, the one packed first first. */
  readonly chambers: readonly CardChamber[];
  /** Spare parts that lie on the shelf. */
  readonly spares: readonly string[];
  /** Flows m³/s; null: not timed after the repack. */
  readonly flow: {
    readonly clean: number;
    /** At which service is due, and seconds that a jug takes then; null where the outlet does not tell. */
    readonly service: { readonly flow: number; readonly jugSeconds: number } | null;
  } | null;
  /** Water can go past the media: the outlet hardly weakens, and dates tell when service is due. */
  readonly goesByDates: boolean;
  /** The next visits, or why there are none to name. */
  readonly visits: readonly CardVisit[] | NoForecast;
  /** ISO date from which the UV lamp may be lit; null: no lamp, or it may be lit. */
  readonly lampFrom: string | null;
  readonly cautions: readonly string[];
}

/** Visits that the card names: about half a year of an ordinary filter. */
const VISITS = 4;
/** The jug whose time is printed, m³. */
export const CARD_JUG = 2e-3;

/**
 * The card of a pack: what is in the filter, in packing order, and when what is due.
 *
 * @param layers as packed
 * @param packedAt ISO moment
 * @param assumedFood dry food a day that is taken for what is fed, kg; null: the keeper has entered it
 * @param spares names of the spare parts on the shelf
 * @param clean flow timed after the repack, m³/s; null: none
 * @param visits a year’s, at the early end of the forecast, or why there are none
 */
export function packCard({
  filter,
  tank,
  assumedFood,
  spares,
  layers,
  packedAt,
  clean,
  visits,
  lampFrom,
}: {
  readonly filter: Filter;
  readonly tank: string;
  readonly assumedFood: number | null;
  readonly spares: readonly string[];
  readonly layers: readonly Layer[];
  readonly packedAt: string;
  readonly clean: number | null;
  readonly visits: readonly DatedVisit[] | NoForecast;
  readonly lampFrom: string | null;
}): PackCard {
  const placed = placeLayers(filter, layers);
  const numbers = new Map(placed.map(({ layer }, place) => [layer.id, place + 1]));
  const dueOf = (layerId: string): CardLayer['due'] => {
    for (const { on, works } of typeof visits === 'string' ? [] : visits) {
      const found = works.find((item) => item.layerId === layerId);
      if (found !== undefined) return { on, work: found.work };
    }
    return null;
  };
  const limitShare = outletLimit(filter);
  return {
    filter: filter.name,
    tank,
    assumedFood,
    kind: FILTER_KINDS[filter.kind].name,
    packedOn: packedAt.slice(0, 10),
    layers: packingOrder(filter, layers).map((layer) => ({
      layerId: layer.id,
      medium: mediumOf(layer),
      chamber: filter.chambers.find(({ id }) => id === layer.chamber)?.name ?? '',
      flowNumber: numbers.get(layer.id) ?? 0,
      thickness: layer.thickness,
      installedOn: layer.installedOn,
      due: dueOf(layer.id),
    })),
    chambers: chambersInPackingOrder(filter).flatMap(({ id, name }) => {
      const inside = placed.filter(({ chamber }) => chamber.id === id);
      return inside.length === 0
        ? []
        : {
            name,
            volume: sumOf(inside, ({ measure }) => measure.volume),
            mass: sumOf(inside, ({ measure }) => measure.dryMass),
          };
    }),
    spares,
    flow:
      clean === null
        ? null
        : {
            clean,
            service:
              limitShare === null
                ? null
                : { flow: limitShare * clean, jugSeconds: CARD_JUG / (limitShare * clean) },
          },
    goesByDates: limitShare === null,
    visits:
      typeof visits === 'string'
        ? visits
        : visits.slice(0, VISITS).map(({ on, inDays, minutes, works }) => ({
            on,
            isOverdue: inDays < 0,
            minutes,
            works: WORKS.map((work) => ({
              work,
              layers: works
                .filter((item) => item.work === work)
                .map(({ layerId }) => numbers.get(layerId) ?? 0)
                .sort((a, b) => a - b),
            })).filter(({ layers }) => layers.length > 0),
          })),
    lampFrom,
    cautions: cautions(filter, layers, 'card'),
  };
}
