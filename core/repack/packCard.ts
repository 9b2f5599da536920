import type { Filter } from '../filter/filter';
import { FILTER_KINDS } from '../filter/filterKindWords';
import type { Layer } from '../layers/layer';
import { mediumOf } from '../layers/mediumOf';
import { packingOrder } from '../layers/packingOrder';
import { placeLayers } from '../layers/placeLayers';
import type { Medium } from '../media/medium';
import { WORKS, type Work } from '../pack/visit';
import { outletLimit } from '../dirt/serviceLimits';
import type { ServicePlan } from '../service/servicePlan';
import { cautions } from '../job/cautions';
import { DAY_MS } from '../units/daysBetween';

/** A layer on the card. */
export interface CardLayer {
  readonly layerId: string;
  readonly medium: Medium;
  readonly chamber: string;
  readonly flowNumber: number;
  /** m */
  readonly thickness: number;
  readonly installedOn: string | null;
  /** The next time that it is worked on: ISO date and what is done; null: not within a year, or not known. */
  readonly due: { readonly on: string; readonly work: Work } | null;
}

/** A visit on the card: its day and what is done. */
export interface CardVisit {
  readonly on: string;
  /** Its day is past, and nobody knows whether it was done. */
  readonly overdue: boolean;
  readonly minutes: number;
  /** By what is done, the layers’ numbers in flow order. */
  readonly works: readonly { readonly work: Work; readonly layers: readonly number[] }[];
}

/** What hangs on the inside of the cabinet door. */
export interface PackCard {
  readonly filter: string;
  readonly tank: string;
  readonly kind: string;
  readonly packedOn: string;
  /** In packing order: the first goes in first. */
  readonly layers: readonly CardLayer[];
  /** Flows m³/s; null: not timed after the repack. */
  readonly flow: {
    readonly clean: number;
    /** At which service is due, and seconds that a jug takes then; null where the outlet does not tell. */
    readonly service: { readonly flow: number; readonly jugSeconds: number } | null;
  } | null;
  /** Water can go past the media: the outlet hardly weakens, and dates tell when service is due. */
  readonly goesByDates: boolean;
  /** The next visits; null: nobody has said what is fed. */
  readonly visits: readonly CardVisit[] | null;
  /** ISO date from which the UV lamp may be lit; null: no lamp, or it may be lit. */
  readonly lampFrom: string | null;
  readonly cautions: readonly string[];
}

/** Visits that the card names: about half a year of an ordinary filter. */
const VISITS = 4;
/** The jug whose time is printed, m³. */
export const CARD_JUG = 2e-3;

/** ISO date so many days after a moment. */
const dayAfter = (moment: string, days: number): string =>
  new Date(Date.parse(moment) + days * DAY_MS).toISOString().slice(0, 10);

/**
 * The card of a pack: what is in the filter, in packing order, and when what is due.
 *
 * @param layers as packed
 * @param packedAt ISO moment
 * @param clean flow timed after the repack, m³/s; null: none
 * @param plan the year’s visits at the early end of the forecast; null: nobody has said what is fed
 */
export function packCard({
  filter,
  tank,
  layers,
  packedAt,
  clean,
  plan,
  lampFrom,
  now,
}: {
  readonly filter: Filter;
  readonly tank: string;
  readonly layers: readonly Layer[];
  readonly packedAt: string;
  readonly clean: number | null;
  readonly plan: ServicePlan | null;
  readonly lampFrom: string | null;
  /** ISO moment */
  readonly now: string;
}): PackCard {
  const numbers = new Map(placeLayers(filter, layers).map(({ layer }, place) => [layer.id, place + 1]));
  const today = now.slice(0, 10);
  const all = plan?.visits.map((visit) => ({ ...visit, on: dayAfter(packedAt, visit.day) })) ?? [];
  // Of those whose day is past only the last says something.
  const visits = all.slice(Math.max(0, all.filter(({ on }) => on < today).length - 1));
  const ahead = all.filter(({ on }) => on >= today);
  const dueOf = (layerId: string): CardLayer['due'] => {
    for (const { on, works } of ahead) {
      const found = works.find((item) => item.layerId === layerId);
      if (found !== undefined) return { on, work: found.work };
    }
    return null;
  };
  const limitShare = outletLimit(filter);
  return {
    filter: filter.name,
    tank,
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
      plan === null
        ? null
        : visits.slice(0, VISITS).map(({ on, minutes, works }) => ({
            on,
            overdue: on < today,
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
