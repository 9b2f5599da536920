import { type ForecastInput, cloggingInput } from '../dirt/forecast';
import { simulateClogging, type CloggingSimulation } from '../dirt/cloggingSimulation';
import { serviceCourse } from '../dirt/serviceCourse';
import type { Visit, Work } from '../pack/visit';
import { HORIZON, MOST_VISITS } from '../pack/visitLimits';
import { isCanister } from '../filter/kindFamily';
import type { Filter } from '../filter/filter';
import type { PackEdit } from '../pack/packEdit';
import type { PlacedLayer } from '../layers/placedLayer';
import { placeLayers } from '../layers/placeLayers';
import { isBiologicalOnly } from '../layers/layerRole';
import { changedAfter } from '../practice/mediaLives';

/** A layer that takes this share of what holds the water back is cleaned when the flow is low (calibrated). */
const WORTH_CLEANING = 0.1;
/** What is due within this share of its interval is done at a visit that falls anyway (calibrated: visits stay few). */
const DUE_EARLY = 0.3;
/** Fewest days between two visits, and between cleaning biological media and anything else (common practice, no source). */
const APART = 7;
const BIOLOGICAL_APART = 14;

/* Minutes of a visit (common practice, no source): opening and closing, each thing lifted, each layer in hand. */
const OPENING = { canister: 20, others: 6 } as const;
const PER_LIFT = 2;
const PER_LAYER = 4;

/** One visit with what it asks of the hands. */
export interface PlannedVisit extends Visit {
  /** What is lifted to reach the layers, in order, each once. */
  readonly lifts: readonly string[];
  readonly minutes: number;
  /** Why it falls: the flow is low, a medium is spent, or biological media have silted up. */
  readonly why: 'flow' | 'spent' | 'biological';
}

/** A year of a filter, planned ahead. */
export interface ServicePlan {
  readonly visits: readonly PlannedVisit[];
  /** By layer that is worked on: days from one time to the next, on average of the year, and what is done. */
  readonly intervals: readonly { readonly layerId: string; readonly days: number; readonly work: Work }[];
  readonly perYear: { readonly visits: number; readonly minutes: number; readonly lifts: number };
  /** True when even after cleaning the mechanical layers the flow stays low: the biological media hold it back. */
  readonly heldByBiological: boolean;
  /** A medium that is changed often and would be reached with fewer lifts elsewhere; null: none. */
  readonly easierPlace: EasierPlace | null;
}

/** A place where a spent medium is reached without lifting the rest. */
export interface EasierPlace {
  readonly layerId: string;
  readonly chamberId: string;
  /** Things lifted in a year less. */
  readonly liftsSaved: number;
  readonly edit: PackEdit;
}

/**
 * Plans the visits of a year from the forecast: cleaned when flow through the pack falls to its service share or when
 * a medium is spent, grouped so that visits are few. Biological media are left alone, and where they must be cleaned that
 * is a visit of its own. Foam that is all the biological media there is, is never cleaned all at once. Null when nobody has
 * said what is fed.
 *
 * @example servicePlan({ ...reedBench, others: [], visits: [] }).visits.length // 12
 */
export function servicePlan(input: ForecastInput): ServicePlan | null {
  const days = input.days ?? HORIZON;
  const inFlow = placeLayers(input.filter, input.layers);
  const visits: PlannedVisit[] = [];
  let heldByBiological = false;
  for (let round = 0; round < MOST_VISITS; round += 1) {
    const simulation = simulateClogging(cloggingInput({ ...input, visits, days }));
    if (simulation === null) return null;
    const next = nextVisit(simulation, inFlow, visits, days);
    if (next === null) break;
    if (next.why === 'biological') heldByBiological = true;
    visits.push(withBurden(next, input.filter, inFlow));
  }
  const lifts = visits.reduce((sum, visit) => sum + visit.lifts.length, 0);
  return {
    visits,
    intervals: intervalsOf(visits, days),
    perYear: {
      visits: scaled(visits.length, days),
      minutes: scaled(
        visits.reduce((sum, visit) => sum + visit.minutes, 0),
        days,
      ),
      lifts: scaled(lifts, days),
    },
    heldByBiological,
    easierPlace: easierPlace(input.filter, inFlow, visits),
  };
}

const scaled = (value: number, days: number): number => (days === 0 ? 0 : (value * HORIZON) / days);

type Next = Visit & Pick<PlannedVisit, 'why'>;

function nextVisit(
  simulation: CloggingSimulation,
  inFlow: readonly PlacedLayer[],
  visits: readonly PlannedVisit[],
  days: number,
): Next | null {
  const last = visits.at(-1)?.day ?? 0;
  const { course, limit } = serviceCourse(simulation);
  let low: number | null = null;
  for (let day = last + 1; day <= days && low === null; day += 1) if ((course[day] ?? 0) < limit) low = day;
  const spent = inFlow
    .map((placed) => ({ placed, due: dueDay(placed, visits) }))
    .filter((item): item is { placed: PlacedLayer; due: number } => item.due !== null);
  const firstSpent = Math.min(Infinity, ...spent.map(({ due }) => due));
  // Cleaned the day before the flow is too low, but never so soon after the last visit that it was for nothing.
  const byFlow = low === null ? Infinity : Math.max(low - 1, last + APART);
  const day = Math.min(byFlow, firstSpent);
  if (day > days) return null;
  const cleaned = byFlow <= firstSpent * (1 + DUE_EARLY) ? toClean(simulation, inFlow, day) : [];
  const replaced = spent
    .filter(({ placed, due }) => due - day <= DUE_EARLY * (changedAfter(placed.medium) ?? 0))
    .map(({ placed }) => ({ layerId: placed.layer.id, work: 'replace' as const }));
  if (cleaned.length + replaced.length === 0) {
    // Nothing mechanical holds the water back: the biological media do, and get a visit of their own.
    const biological = inFlow.filter(({ layer, role }) => isBiologicalOnly(layer) && role !== 'settle');
    if (biological.length === 0) return null;
    const apart = Math.max(day, last + BIOLOGICAL_APART);
    if (apart > days) return null;
    return {
      day: apart,
      works: biological.map(({ layer }) => ({ layerId: layer.id, work: 'rinse' as const })),
      why: 'biological',
    };
  }
  const done = new Set(replaced.map(({ layerId }) => layerId));
  return {
    day,
    works: [...replaced, ...cleaned.filter(({ layerId }) => !done.has(layerId))],
    why: byFlow <= firstSpent ? 'flow' : 'spent',
  };
}

/** Day on which a medium is spent, or null for those that are judged by their flow. */
function dueDay({ layer, medium }: PlacedLayer, visits: readonly PlannedVisit[]): number | null {
  const after = changedAfter(medium);
  if (after === null) return null;
  const last = visits.filter((visit) => visit.works.some(({ layerId }) => layerId === layer.id)).at(-1);
  return (last?.day ?? 0) + after;
}

/** Layers whose dirt holds the water back on a day, worst first; of foam that is all the biological media never all. */
function toClean(
  simulation: CloggingSimulation,
  inFlow: readonly PlacedLayer[],
  day: number,
): Visit['works'] {
  const layers = inFlow.length;
  const held = inFlow
    .map((placed, place) => ({ placed, head: simulation.clogging[day * layers + place] ?? 0 }))
    .filter(({ placed }) => !isBiologicalOnly(placed.layer) && placed.role !== 'spacer');
  const whole = inFlow.reduce((sum, _, place) => sum + (simulation.clogging[day * layers + place] ?? 0), 0);
  const worth = held.filter(({ head }) => head > WORTH_CLEANING * whole).sort((a, b) => b.head - a.head);
  const foamOnly = !inFlow.some(({ layer, role }) => isBiologicalOnly(layer) && role !== 'settle');
  const film = inFlow.filter(({ medium }) => medium.roles.includes('biological'));
  const most = foamOnly && film.length > 1 ? film.length - 1 : worth.length;
  return worth.slice(0, most).map(({ placed: { layer, medium } }) => ({
    layerId: layer.id,
    work: medium.service === 'squeeze' || medium.service === 'replace' ? medium.service : 'rinse',
  }));
}

function withBurden(visit: Next, filter: Filter, inFlow: readonly PlacedLayer[]): PlannedVisit {
  const worked = new Set(visit.works.map(({ layerId }) => layerId));
  const lifts = [
    ...new Set(inFlow.filter(({ layer }) => worked.has(layer.id)).flatMap(({ chamber }) => chamber.lift)),
  ];
  const outside = inFlow.every(({ layer, chamber }) => !worked.has(layer.id) || chamber.where === 'intake');
  const opening = outside ? 0 : isCanister(filter.kind) ? OPENING.canister : OPENING.others;
  return {
    ...visit,
    lifts,
    minutes: opening + PER_LIFT * lifts.length + PER_LAYER * visit.works.length,
  };
}

function intervalsOf(visits: readonly PlannedVisit[], days: number): ServicePlan['intervals'] {
  const works = new Map<string, { times: number; work: Work }>();
  for (const visit of visits)
    for (const { layerId, work } of visit.works)
      works.set(layerId, { times: (works.get(layerId)?.times ?? 0) + 1, work });
  return [...works].map(([layerId, { times, work }]) => ({ layerId, days: days / times, work }));
}

/** The medium changed most often that sits deeper than it must: where a chamber is reached with fewer lifts. */
function easierPlace(
  filter: Filter,
  inFlow: readonly PlacedLayer[],
  visits: readonly PlannedVisit[],
): EasierPlace | null {
  const body = filter.chambers.filter((chamber) => chamber.where === 'body');
  const easiest = body.reduce<(typeof body)[number] | null>(
    (best, item) => (best === null || item.lift.length < best.lift.length ? item : best),
    null,
  );
  if (easiest === null) return null;
  const savings = inFlow
    .filter(({ medium, chamber }) => changedAfter(medium) !== null && chamber.where === 'body')
    .map(({ layer, chamber, role }) => {
      const alone = visits.filter(
        ({ works }) =>
          works.some(({ layerId }) => layerId === layer.id) &&
          // Other layers of the visit that need the deep chamber anyway make the move pointless.
          works.every(
            ({ layerId }) =>
              layerId === layer.id ||
              (inFlow.find((placed) => placed.layer.id === layerId)?.chamber.lift.length ?? 0) <=
                easiest.lift.length,
          ),
      ).length;
      return { layer, role, chamber, saved: alone * (chamber.lift.length - easiest.lift.length) };
    })
    // Polishing and chemical media only: mechanical floss belongs before the biological media wherever they are.
    .filter(({ role, saved }) => saved > 0 && (role === 'chemical' || role === 'polish'))
    .sort((a, b) => b.saved - a.saved);
  const [best] = savings;
  if (best === undefined) return null;
  const index = inFlow.filter(({ chamber }) => chamber === easiest).length;
  return {
    layerId: best.layer.id,
    chamberId: easiest.id,
    liftsSaved: best.saved,
    edit: { type: 'move', layerId: best.layer.id, chamberId: easiest.id, index },
  };
}
