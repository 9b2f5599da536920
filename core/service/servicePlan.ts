import { type ForecastInput, cloggingInput } from '../dirt/cloggingInput';
import { beginClogging } from '../dirt/clogging';
import { drawnInput } from '../dirt/drawnInput';
import { calibratedInput } from '../dirt/calibratedInput';
import { ENSEMBLE } from '../dirt/ensemble';
import type { Visit, Work } from '../pack/visit';
import { HORIZON, MAX_VISITS } from '../pack/visitLimits';
import type { Filter } from '../filter/filter';
import type { PackEdit } from '../pack/packEdit';
import type { PlacedLayer } from '../layers/placedLayer';
import { placeLayers } from '../layers/placeLayers';
import { mediumLife } from '../practice/mediaLives';
import { longestIntervalOf } from './longestIntervalOf';
import { livesByDate, nextVisit, usedUp, type Next, type PlanDay } from './nextVisit';
import { visitBurden, type VisitBurden } from './visitBurden';
import { sumOf } from '../maths/sum';

/** One visit with what it asks of the hands. */
export interface PlannedVisit extends Next, VisitBurden {}

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
 * visits are few, and none later than a keeper looks in anyway. Biological media are left alone, and where they must be cleaned that is a visit of its own. Foam
 * that is all the biological media there is, is never cleaned all at once.
 *
 * @param run of the ensemble that the plan is made from, see earlyPercentileRun; null: the likely one
 * @param since the days that have passed, with what was done in them; none: the pack goes in today
 * @param longest days after which hands look in, whatever is forecast; Infinity: only what is due is planned
 * @example servicePlan({ ...reedBench, others: [], visits: [] }).heldByBiological // false
 */
export function servicePlan(
  input: ForecastInput,
  run: number | null = null,
  since: DaysPassed = { today: 0, done: [] },
  longest: number = longestIntervalOf(input),
): ServicePlan {
  const days = since.today + (input.days ?? HORIZON);
  const inFlow = placeLayers(input.filter, input.layers);
  const likely = cloggingInput({ ...input, visits: [] });
  const begins =
    run === null
      ? calibratedInput(likely, input.learned ?? null)
      : drawnInput(likely, run, ENSEMBLE, input.learned);
  const clogging = beginClogging(begins);
  const all: PlannedVisit[] = [];
  const most = MAX_VISITS * Math.ceil((input.days ?? HORIZON) / HORIZON) + since.done.length;
  const { tank, added = [], now = null } = input;
  const lives = livesByDate(inFlow, { tank, added, now });
  const clean = clogging.today();
  const cleanOwn = clogging.state.streams.map(({ own }) => own);
  for (let day = 1; day <= days && all.length < most; day += 1) {
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
      limits: clogging.limits,
      inFlow,
      visits: all,
      lives,
      usedUp: usedUp(clogging.state, cleanOwn, today),
      longest,
    };
    const next = nextVisit(at);
    if (next === null || next.day > days) continue;
    clogging.visit(next);
    all.push(withBurden(next, input.filter, inFlow));
    clogging.today();
  }
  const visits = all.slice(since.done.filter(({ day }) => day <= since.today).length);
  const lifts = sumOf(visits, (visit) => visit.lifts.length);
  return {
    visits,
    intervals: intervalsOf(visits, days - since.today),
    perYear: {
      visits: scaled(visits.length, days - since.today),
      minutes: scaled(
        sumOf(visits, (visit) => visit.minutes),
        days - since.today,
      ),
      lifts: scaled(lifts, days - since.today),
    },
    heldByBiological: visits.some(({ why }) => why === 'biological'),
    easierPlace: easierPlace(input.filter, inFlow, visits),
  };
}

const scaled = (value: number, days: number): number => (days === 0 ? 0 : (value * HORIZON) / days);

const withBurden = (visit: Next, filter: Filter, inFlow: readonly PlacedLayer[]): PlannedVisit => ({
  ...visit,
  ...visitBurden(
    filter,
    inFlow,
    visit.works.map(({ layerId }) => layerId),
    // A look that finds nothing to clean has the impeller in hand.
    visit.works.length === 0 ? 1 : 0,
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
