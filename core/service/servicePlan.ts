import { type ForecastInput, cloggingInput } from '../dirt/cloggingInput';
import { beginClogging, type CloggingDay } from '../dirt/clogging';
import { drawnInput } from '../dirt/drawnInput';
import { likelyInput } from '../dirt/likelyInput';
import { ENSEMBLE } from '../dirt/ensemble';
import { FULL, USED_UP } from '../dirt/fullness';
import { limitOf, MEASURES } from '../dirt/serviceCourse';
import type { SimulationState } from '../dirt/simulationState';
import type { Medium } from '../media/medium';
import type { Visit, VISIT_REASONS, Work } from '../pack/visit';
import { HORIZON, MOST_VISITS } from '../pack/visitLimits';
import type { Filter } from '../filter/filter';
import type { PackEdit } from '../pack/packEdit';
import type { PlacedLayer } from '../layers/placedLayer';
import { placeLayers } from '../layers/placeLayers';
import { isBiologicalOnly } from '../layers/layerRole';
import { lifeByDate, mediumLife } from '../practice/mediaLives';
import { visitBurden, type VisitBurden } from './visitBurden';

/** A layer that takes this share of what holds the water back is cleaned when the flow is low (calibrated). */
const WORTH_CLEANING = 0.1;
/** Share of what fits from which a layer is cleaned with them, and from which foam is squeezed that is in hand anyway (calibrated). */
const WORTH_SQUEEZING = 0.5;
const WORTH_A_HAND = 0.05;
/** What is due within this share of its interval is done at a visit that falls anyway (calibrated: visits stay few). */
const DUE_EARLY = 0.3;
/** Fewest days between two visits, and between cleaning biological media and anything else (common practice, no source). */
const APART = 7;
const BIOLOGICAL_APART = 14;

/** One visit with what it asks of the hands. */
export interface PlannedVisit extends Visit, VisitBurden {
  readonly why: (typeof VISIT_REASONS)[number];
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

/** Days since the pack went in, and the visits in them: what was done is not planned again. */
export interface DaysPassed {
  readonly today: number;
  readonly done: readonly Visit[];
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
 * Plans the visits of a year by letting the filter clog: cleaned on the day on which flow or headroom gets too low or
 * the mechanical layers are full, when floss is used up, and when time has used up a chemical medium; grouped so that
 * visits are few. Biological media are left alone, and where they must be cleaned that is a visit of its own. Foam
 * that is all the biological media there is, is never cleaned all at once. Null when nobody has said what is fed.
 *
 * @param run of the ensemble that the plan hangs on, see earlyRun; null: the likely one
 * @param since the days that have passed, with what was done in them; none: the pack goes in today
 * @example servicePlan({ ...reedBench, others: [], visits: [] }).heldByBiological // false
 */
export function servicePlan(
  input: ForecastInput,
  run: number | null = null,
  since: DaysPassed = { today: 0, done: [] },
): ServicePlan | null {
  const days = since.today + (input.days ?? HORIZON);
  const inFlow = placeLayers(input.filter, input.layers);
  const likely = cloggingInput({ ...input, visits: [] });
  const begins =
    run === null
      ? likelyInput(likely, input.learned ?? null)
      : drawnInput(likely, run, ENSEMBLE, input.learned);
  const clogging = begins === null ? null : beginClogging(begins);
  if (clogging === null) return null;
  const all: PlannedVisit[] = [];
  const clean = clogging.today();
  const cleanOwn = clogging.state.streams.map(({ own }) => own);
  for (let day = 1; day <= days && all.length < MOST_VISITS + since.done.length; day += 1) {
    clogging.pass();
    let today = clogging.today();
    const done = day <= since.today ? since.done.find((visit) => visit.day === day) : undefined;
    if (done !== undefined) {
      clogging.visit(done);
      today = clogging.today();
      all.push(withBurden({ ...done, why: 'flow' }, input.filter, inFlow));
    }
    // What should have been done in days that are past is to be done today.
    if (day < since.today) continue;
    const at: PlanDay = {
      day,
      today,
      clean,
      inFlow,
      visits: all,
      usedUp: usedUp(clogging.state, cleanOwn, today),
    };
    const next = nextVisit(at);
    if (next === null || next.day > days) continue;
    clogging.visit(next);
    all.push(withBurden(next, input.filter, inFlow));
    clogging.today();
  }
  const visits = all.slice(since.done.filter(({ day }) => day <= since.today).length);
  const lifts = visits.reduce((sum, visit) => sum + visit.lifts.length, 0);
  return {
    visits,
    intervals: intervalsOf(visits, days - since.today),
    perYear: {
      visits: scaled(visits.length, days - since.today),
      minutes: scaled(
        visits.reduce((sum, visit) => sum + visit.minutes, 0),
        days - since.today,
      ),
      lifts: scaled(lifts, days - since.today),
    },
    heldByBiological: visits.some(({ why }) => why === 'biological'),
    easierPlace: easierPlace(input.filter, inFlow, visits),
  };
}

const scaled = (value: number, days: number): number => (days === 0 ? 0 : (value * HORIZON) / days);

type Next = Visit & Pick<PlannedVisit, 'why'>;

/** A day of the plan: what the filter has come to, against clean, and what was done before. */
interface PlanDay {
  readonly day: number;
  readonly today: CloggingDay;
  readonly clean: CloggingDay;
  readonly inFlow: readonly PlacedLayer[];
  readonly visits: readonly PlannedVisit[];
  /** By layer: floss that hardly any water goes through, or that is full. */
  readonly usedUp: readonly boolean[];
}

/** True when the flow or the headroom is too low, or the mechanical layers are full. */
const isDue = ({ today, clean }: PlanDay): boolean =>
  MEASURES.some((by) => today[by] < limitOf(by, clean[by]) * clean[by]);

/** What is done today; null: nothing. */
function nextVisit(at: PlanDay): Next | null {
  const { day, inFlow, visits, usedUp } = at;
  const last = visits.at(-1)?.day ?? 0;
  if (day < last + APART) return null;
  const low = isDue(at);
  const dueDays = inFlow.map((placed) => dueDay(placed, visits));
  if (!low && !usedUp.some(Boolean) && !dueDays.some((due) => due !== null && due <= day)) return null;
  const renewed = inFlow.filter(({ medium }, place) => {
    const due = dueDays[place] ?? null;
    return usedUp[place] === true || (due !== null && due - day <= DUE_EARLY * (lifeByDate(medium) ?? 0));
  });
  const works = [...renewed, ...toClean(at, renewed, low)].map(({ layer, medium }) => ({
    layerId: layer.id,
    work: workOn(medium),
  }));
  if (works.length > 0) return { day, works, why: low ? 'flow' : usedUp.some(Boolean) ? 'used up' : 'spent' };
  // Nothing mechanical holds the water back: the biological media do, and get a visit of their own.
  const biological = inFlow.filter(({ layer, role }) => isBiologicalOnly(layer) && role !== 'settle');
  if (biological.length === 0 || day < last + BIOLOGICAL_APART) return null;
  return {
    day,
    works: biological.map(({ layer }) => ({ layerId: layer.id, work: 'rinse' as const })),
    why: 'biological',
  };
}

/** What is done to a medium when it is in hand. */
const workOn = ({ service }: Medium): Work => (service === 'leave' ? 'rinse' : service);

/** Day on which time has used up a medium, or null for those that are judged by their clogging. */
function dueDay({ layer, medium }: PlacedLayer, visits: readonly PlannedVisit[]): number | null {
  const after = lifeByDate(medium);
  if (after === null) return null;
  const last = visits.filter((visit) => visit.works.some(({ layerId }) => layerId === layer.id)).at(-1);
  return (last?.day ?? 0) + after;
}

/** By layer: media that are changed when they clog, and have clogged. */
const usedUp = (
  { streams, inFlow }: SimulationState,
  cleanOwn: readonly number[],
  today: CloggingDay,
): boolean[] =>
  inFlow.map(
    ({ medium, chamber }, place) =>
      chamber.where === 'body' &&
      medium.service === 'replace' &&
      lifeByDate(medium) === null &&
      ((streams[place]?.own ?? 0) < USED_UP * (cleanOwn[place] ?? 0) || (today.fullness[place] ?? 0) > FULL),
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
  const whole = today.clogging.reduce((sum, head) => sum + head, 0);
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
  const all = [...worth, ...lifted].map(({ placed }) => placed);
  const foamOnly = !inFlow.some(({ layer, role }) => isBiologicalOnly(layer) && role !== 'settle');
  const film = inFlow.filter(({ medium }) => medium.roles.includes('biological'));
  return all.slice(0, foamOnly && film.length > 1 ? film.length - 1 : all.length);
}

/** What is in hand when a layer is: its chamber, and what is lifted to reach it. */
const reachedBy = ({ chamber }: PlacedLayer): string[] => [chamber.name, ...chamber.lift];

const withBurden = (visit: Next, filter: Filter, inFlow: readonly PlacedLayer[]): PlannedVisit => ({
  ...visit,
  ...visitBurden(
    filter,
    inFlow,
    visit.works.map(({ layerId }) => layerId),
  ),
});

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
    .filter(({ medium, chamber }) => mediumLife(medium) !== null && chamber.where === 'body')
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
