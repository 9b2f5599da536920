import { MIN_DAYS_BETWEEN_VISITS, MIN_DAYS_BEFORE_BIOLOGICAL } from '../practice/visitSpacing';
import { lifeByDate, type CarbonSurroundings } from '../chemical/carbonDue';
import type { CloggingDay } from '../dirt/clogging';
import { keepsDirt } from '../dirt/keepsDirt';
import { FULL_SHARE, USED_UP_SHARE } from '../dirt/fullness';
import { isServiceDue } from '../dirt/serviceMeasures';
import type { ServiceLimits } from '../dirt/serviceLimits';
import type { SimulationState } from '../dirt/simulationState';
import { isBiologicalOnly } from '../layers/layerRole';
import type { PlacedLayer } from '../layers/placedLayer';
import type { Medium } from '../media/medium';
import type { Visit, VISIT_REASONS, Work } from '../pack/visit';
import { isUsedUpByDate } from '../practice/mediaLives';
import { sum } from '../maths/sum';

/** A layer that takes this share of what holds the water back is cleaned when the flow is low (calibrated). */
const WORTH_CLEANING = 0.1;
/** Share of what fits from which a layer is cleaned with them, and from which foam is squeezed that is in hand anyway (calibrated). */
const WORTH_SQUEEZING = 0.5;
const WORTH_A_HAND = 0.05;
/** Share of what fits from which a layer is dusted, and cleaned at a look; floss is replaced from half on (common practice, no source). */
const DUSTED_SHARE = 0.1;
const WORTH_REPLACING = 0.5;
/** What is due within this share of its interval is done at a visit that falls anyway (calibrated: visits stay few). */
const DUE_EARLY = 0.3;

/** A visit with why it falls. */
export interface Next extends Visit {
  readonly why: (typeof VISIT_REASONS)[number];
}

/** A day of the plan: what the filter has come to, against clean, and what was done before. */
export interface PlanDay {
  readonly day: number;
  readonly today: CloggingDay;
  readonly clean: CloggingDay;
  readonly limits: ServiceLimits;
  readonly inFlow: readonly PlacedLayer[];
  readonly visits: readonly Visit[];
  /** By layer: days after which time has used it up; null: its clogging decides. */
  readonly lives: readonly (number | null)[];
  /** By layer: floss that hardly any water goes through, or that is full. */
  readonly usedUp: readonly boolean[];
  /** Days after the last visit at which hands look into it, whatever is forecast. */
  readonly longest: number;
}

/** What hands do in a filter today; null: nothing. */
export function nextVisit(at: PlanDay): Next | null {
  const { day, inFlow, visits, lives, usedUp } = at;
  const last = visits.at(-1)?.day ?? 0;
  if (day < last + MIN_DAYS_BETWEEN_VISITS) return null;
  const low = isServiceDue(at.limits, at.clean, at.today);
  const dueDays = inFlow.map(({ layer }, place) => dueDay(layer.id, lives[place] ?? null, visits));
  const isLook = !low && !usedUp.some(Boolean) && !dueDays.some((due) => due !== null && due <= day);
  if (isLook) return day < last + at.longest ? null : { day, works: looked(at), why: 'look' };
  const renewed = inFlow.filter((_, place) => {
    const due = dueDays[place] ?? null;
    return usedUp[place] === true || (due !== null && due - day <= DUE_EARLY * (lives[place] ?? 0));
  });
  const works = [...renewed, ...toClean(at, renewed, low)].map(({ layer, medium }) => ({
    layerId: layer.id,
    work: workOn(medium),
  }));
  if (works.length > 0) return { day, works, why: low ? 'flow' : usedUp.some(Boolean) ? 'used up' : 'spent' };
  // Nothing mechanical holds the water back: the biological media do, and get a visit of their own.
  const biological = inFlow.filter(({ layer, role }) => isBiologicalOnly(layer) && role !== 'settle');
  if (biological.length === 0 || day < last + MIN_DAYS_BEFORE_BIOLOGICAL) return null;
  return {
    day,
    works: biological.map(({ layer }) => ({ layerId: layer.id, work: 'rinse' as const })),
    why: 'biological',
  };
}

/** What hands do at a look: they squeeze or rinse what is dusted, and replace what is half full. */
const looked = ({ inFlow, today }: PlanDay): Visit['works'] =>
  sparingFilm(
    inFlow,
    inFlow.filter((placed, place) => {
      const from = placed.medium.service === 'replace' ? WORTH_REPLACING : DUSTED_SHARE;
      return keepsDirt(placed) && (today.fullness[place] ?? 0) > from;
    }),
  ).map(({ layer, medium }) => ({ layerId: layer.id, work: workOn(medium) }));

/** What is done to a medium when it is in hand. */
const workOn = ({ service }: Medium): Work => (service === 'leave' ? 'rinse' : service);

/** Day on which time has used up a medium, or null for those that are judged by their clogging. */
function dueDay(id: string, life: number | null, visits: readonly Visit[]): number | null {
  if (life === null) return null;
  const last = visits.filter((visit) => visit.works.some(({ layerId }) => layerId === id)).at(-1);
  return (last?.day ?? 0) + life;
}

/** By layer, days after which time has used it up; null: its clogging decides. */
export const livesByDate = (inFlow: readonly PlacedLayer[], around: CarbonSurroundings): (number | null)[] =>
  inFlow.map((placed) => lifeByDate(placed, around));

/** By layer: media that are changed when they clog, and have clogged. */
export const usedUp = (
  { streams, inFlow }: SimulationState,
  cleanOwn: readonly number[],
  today: CloggingDay,
): boolean[] =>
  inFlow.map(
    ({ medium, chamber }, place) =>
      chamber.where === 'body' &&
      medium.service === 'replace' &&
      !isUsedUpByDate(medium) &&
      ((streams[place]?.own ?? 0) < USED_UP_SHARE * (cleanOwn[place] ?? 0) ||
        (today.fullness[place] ?? 0) > FULL_SHARE),
  );

/**
 * Layers that are cleaned at a visit: those whose dirt holds the water back or that are getting full, and foam that
 * the visit lifts anyway; of foam that is all the biological media there is never all.
 */
function toClean(
  { today, inFlow }: PlanDay,
  renewed: readonly PlacedLayer[],
  low: boolean,
): readonly PlacedLayer[] {
  const whole = sum(today.clogging);
  const candidates = inFlow
    .map((placed, place) => ({
      placed,
      head: today.clogging[place] ?? 0,
      full: today.fullness[place] ?? 0,
    }))
    .filter(
      ({ placed }) =>
        placed.chamber.where === 'body' &&
        !isBiologicalOnly(placed.layer) &&
        placed.role !== 'spacer' &&
        placed.role !== 'chemical' &&
        !renewed.includes(placed),
    );
  const worth = candidates
    .filter(({ head, full }) => low && (head > WORTH_CLEANING * whole || full > WORTH_SQUEEZING))
    .sort((a, b) => b.head - a.head);
  const open = new Set([...renewed, ...worth.map(({ placed }) => placed)].flatMap(reachedBy));
  const lifted = candidates.filter(
    (item) =>
      !worth.includes(item) &&
      item.full > WORTH_A_HAND &&
      item.placed.medium.service === 'squeeze' &&
      reachedBy(item.placed).every((thing) => open.has(thing)),
  );
  return sparingFilm(
    inFlow,
    [...worth, ...lifted].map(({ placed }) => placed),
  );
}

/** Of foam that is all the biological media there is, never all at once. */
function sparingFilm(
  inFlow: readonly PlacedLayer[],
  cleaned: readonly PlacedLayer[],
): readonly PlacedLayer[] {
  const foamOnly = !inFlow.some(({ layer, role }) => isBiologicalOnly(layer) && role !== 'settle');
  const film = inFlow.filter(({ medium }) => medium.roles.includes('biological'));
  return cleaned.slice(0, foamOnly && film.length > 1 ? film.length - 1 : cleaned.length);
}

/** What is in hand when a layer is: its chamber, and what is lifted to reach it. */
const reachedBy = ({ chamber }: PlacedLayer): string[] => [chamber.name, ...chamber.lift];
