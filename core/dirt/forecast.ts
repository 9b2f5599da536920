import { SILT_DAYS } from './silt';
import { hasRole } from '../media/hasRole';
import { placeLayers } from '../layers/placeLayers';
import type { PlacedLayer } from '../layers/placedLayer';
import { isBiologicalOnly } from '../layers/layerRole';
import type { Tank } from '../tank/tank';
import { clearOnDay } from './clearWater';
import { NITROGEN_PER_SLUDGE } from './dirtNumbers';
import { BROWN_SHARE, FULL_SHARE, USED_UP_SHARE } from './fullness';
import { simulateClogging, type CloggingSimulation } from './cloggingSimulation';
import { cloggingInput, type ForecastInput } from './cloggingInput';
import { calibratedInput } from './calibratedInput';
import { crossing, serviceCourse, serviceDayOf, type ServiceCourse } from './serviceCourse';

/** Share of the clean outlet flow below which a keeper sees that the stream is weaker (calibrated: a fifth gone). */
export const NOTICEABLE_FLOW_SHARE = 0.8;
/** Head of a layer’s dirt below which it has not clogged, m of water: a hundredth of a millimetre. */
const MIN_CLOGGING_HEAD = 1e-5;
/** Days of the month that silt is given for. */
const MONTH = 30;

/** When a layer has had enough, days; null: not within the days simulated. */
export interface LayerCare {
  readonly layerId: string;
  /** It is full, and hands its dirt on. */
  readonly fullDay: number | null;
  /** Floss: a quarter of the clean flow is left through its own face; null for all others. */
  readonly usedUpDay: number | null;
}

/** What the first clogging of a filter comes to. Days from when it was packed. */
export interface Forecast {
  readonly simulation: CloggingSimulation;
  /** What decides service, by day. */
  readonly course: ServiceCourse;
  /** When it falls to its limit; null: not within the days simulated. */
  readonly serviceDay: number | null;
  /** The least share of its clean value that is reached. */
  readonly lowestShare: number;
  /** When a hang-on-back runs over its rim; null: not within the days simulated, or it has no rim. */
  readonly spillDay: number | null;
  /** Share of the clean flow that its outlet still gives then; null without a spill. */
  readonly outletAtSpill: number | null;
  /** By layer, in flow order. */
  readonly care: readonly LayerCare[];
  /** When a sponge on the intake is to be squeezed first: it is brown, or holds the flow back; null: not within the days, or there is none. */
  readonly spongeDay: number | null;
  /** Suspended solids and how fast the water clears when service is due, or in the end. */
  readonly clear: ReturnType<typeof clearOnDay>;
  /** The layer that holds back most when service is due, or in the end; null while nothing clogs. */
  readonly firstToClog: string | null;
  /** Dry dirt caught by layers that are there for the film alone, kg a month of the first three. */
  readonly siltPerMonth: number;
  /** Nitrogen that rotting sludge gave back, kg N a day of the last month simulation. */
  readonly nitrogenPerDay: number;
}

/**
 * Forecast of a pack: when it clogs, what clogs first, and what that does.
 *
 * @throws Error when a layer refers to a medium or chamber that is not there; check with `packFaults` first.
 * @example forecast({ ...reedBench, others: [], visits: [] }) // { firstToClog: 'rb-floss', spillDay: null }
 */
export function forecast(input: ForecastInput): Forecast {
  const simulation = simulateClogging(calibratedInput(cloggingInput(input), input.learned ?? null));
  return readForecast(simulation, placeLayers(input.filter, input.layers), input.tank);
}

/** Biological media with pores to lose; dense rings and balls have none. */
const silts = ({ layer, role, medium }: Pick<PlacedLayer, 'layer' | 'role' | 'medium'>): boolean =>
  isBiologicalOnly(layer) && role === 'biological' && !hasRole(medium, 'settle');

/** What a simulation comes to. */
export function readForecast(
  simulation: CloggingSimulation,
  inFlow: readonly PlacedLayer[],
  tank: Tank,
): Forecast {
  const { days, flow, headroom, caughtBy, clogging, rotted } = simulation;
  const layers = inFlow.length;
  const course = serviceCourse(simulation);
  const serviceDay = serviceDayOf(course);
  const spillDay = crossing(headroom, 0);
  const index = Math.round(serviceDay ?? days);
  const siltDays = Math.min(days, SILT_DAYS);
  const silt = inFlow.reduce(
    (sum, { layer, role, medium }, place) =>
      silts({ layer, role, medium }) ? sum + caughtBy[siltDays * layers + place]! : sum,
    0,
  );
  const lastMonth = Math.min(days, MONTH);
  const gains = inFlow.map((_, place) => clogging[index * layers + place]!);
  const most = gains.indexOf(Math.max(...gains));
  const firstToClog = gains[most]! > MIN_CLOGGING_HEAD ? inFlow[most]! : null;
  const care = inFlow.map(({ layer, medium }, place): LayerCare => {
    const free = byDay(simulation.fullness, place, layers).map((share) => 1 - share);
    const own = byDay(simulation.own, place, layers);
    return {
      layerId: layer.id,
      fullDay: crossing(free, 1 - FULL_SHARE),
      usedUpDay: medium.service === 'replace' && own[0]! > 0 ? crossing(own, USED_UP_SHARE * own[0]!) : null,
    };
  });
  const sponge = inFlow.findIndex(({ chamber }) => chamber.where === 'intake');
  const spongeDays = [
    sponge === -1
      ? null
      : crossing(
          byDay(simulation.fullness, sponge, layers).map((share) => 1 - share),
          1 - BROWN_SHARE,
        ),
    firstToClog?.chamber.where === 'intake' ? serviceDay : null,
  ].filter((day) => day !== null);
  return {
    simulation,
    course,
    serviceDay,
    lowestShare: course.course.reduce((least, value) => Math.min(least, value), Infinity),
    spillDay,
    outletAtSpill: spillDay === null ? null : flow[Math.min(days, Math.round(spillDay))]! / flow[0]!,
    care,
    clear: clearOnDay(tank, simulation, index),
    spongeDay: spongeDays.length === 0 ? null : Math.min(...spongeDays),
    firstToClog: firstToClog?.layer.id ?? null,
    siltPerMonth: siltDays === 0 ? 0 : (silt / siltDays) * MONTH,
    nitrogenPerDay:
      lastMonth === 0 ? 0 : ((rotted[days]! - rotted[days - lastMonth]!) / lastMonth) * NITROGEN_PER_SLUDGE,
  };
}

/** The values of one layer by day, of an array by day and layer. */
function byDay(values: Float64Array, place: number, layers: number): Float64Array {
  const one = new Float64Array(values.length / layers);
  for (let day = 0; day < one.length; day += 1) one[day] = values[day * layers + place]!;
  return one;
}
