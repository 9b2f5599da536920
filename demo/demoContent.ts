import { addMilliseconds } from 'date-fns';
import { millisecondsInDay, millisecondsInHour } from 'date-fns/constants';
import { forecast } from '@/core/dirt/forecast';
import { UNPREPARED } from '@/core/job/unprepared';
import type { Job } from '@/core/job/job';
import type { LogEntry } from '@/core/log/logEntry';
import { isBiologicalOnly } from '@/core/layers/layerRole';
import type { Layer } from '@/core/layers/layer';
import type { Pack } from '@/core/pack/pack';
import { plainLayer } from '@/core/layers/plainLayer';
import type { FilterContent } from '@/formats/neatLayerFile';
import { seededRandom } from '@/core/maths/seededRandom';
import { waterLog } from './waterLog';
import { WATERS, type DemoWater } from './waters';

/** Fourteen months of log. */
const LOG_DAYS = 425;
const SEED = 20261125;
/** Readings in each stretch between two repacks, the clean one included. */
const READINGS = 5;
const JUG_VOLUME = 2e-3;
/** How far one filling strays from the next, as a share of the time, and a stretch between two repacks from the model. */
const FILLING_NOISE = 0.025;
const MODEL_NOISE = 0.03;

/** The demo's four waters with their log, ending at `now`. The same for the same `now`. */
export function demoContent(now: Date): FilterContent[] {
  return WATERS.map((water, index) => contentOf(water, now, SEED + index));
}

function contentOf(story: DemoWater, now: Date, seed: number): FilterContent {
  const water = { ...story, layers: story.layers.map((layer) => sinceTheBeginning(layer, now)) };
  const random = seededRandom(seed);
  const { tank, filter } = water;
  const repackDays: number[] = [];
  for (let day = water.daysSince; day < LOG_DAYS; day += water.daysBetween) repackDays.unshift(day);
  const flows = modelFlows(water);
  const stretches = repackDays.map((day, index) =>
    stretchOf(water, flows, index, day, repackDays[index + 1] ?? 0, now, random),
  );
  const open = filter.id === 'reed-bench' ? openJob(water, now) : { packs: [], jobs: [] };
  return {
    tank,
    filter,
    packs: [...stretches.flatMap((stretch) => stretch.packs), ...open.packs],
    jobs: [...stretches.map((stretch) => stretch.job), ...open.jobs],
    // Drawn apart, so that neither story changes the other.
    log: [
      ...stretches.flatMap((stretch) => stretch.log),
      ...waterLog(water, now, LOG_DAYS, seededRandom(seed + WATERS.length)),
    ].sort((a, b) => a.at.localeCompare(b.at)),
  };
}

/** Biological media has been in for as long as the log goes back. */
const sinceTheBeginning = (layer: Layer, now: Date): Layer =>
  isBiologicalOnly(layer) ? { ...layer, installedOn: moment(now, LOG_DAYS).slice(0, 10) } : layer;

const moment = (now: Date, daysAgo: number, hours = 0): string =>
  addMilliseconds(now, millisecondsInDay * -daysAgo + millisecondsInHour * hours).toISOString();

/** Flow at the outlet by days from a repack, m³/s, as the core has it: history, forecast and jug tell one story. */
function modelFlows({ tank, filter, layers, daysBetween }: DemoWater): Float64Array {
  const found = forecast({ tank, filter, layers, others: [], visits: [], days: daysBetween, brief: true });
  if (found === null) throw new Error(`Nothing is fed in ${tank.name}.`);
  return found.simulation.flow;
}

/** One repack and the flows timed until the next. */
function stretchOf(
  water: DemoWater,
  modelled: Float64Array,
  index: number,
  from: number,
  to: number,
  now: Date,
  random: () => number,
) {
  const { filter } = water;
  // What the model does not know of this stretch: the food, the film in the hoses.
  const strays = 1 + MODEL_NOISE * (2 * random() - 1);
  const jobId = `${filter.id}-job-${index + 1}`;
  const pack = (role: Pack['role'], name: string): Pack => ({
    id: `${filter.id}-${role.replace(' ', '-')}-${index + 1}`,
    filterId: filter.id,
    role,
    name,
    layers: [...water.layers],
    visits: [],
  });
  const packs = [pack('as found', 'As found'), pack('planned', 'Plan'), pack('as packed', 'As packed')];
  const [asFound, planned, asPacked] = packs as [Pack, Pack, Pack];
  const job: Job = {
    id: jobId,
    filterId: filter.id,
    occasion: 'repack',
    stage: 'done',
    startedAt: moment(now, from, -2),
    finishedAt: moment(now, from),
    asFoundPackId: asFound.id,
    plannedPackId: planned.id,
    alternativePackIds: [],
    asPackedPackId: asPacked.id,
    packed: water.layers.map((layer) => ({
      layerId: layer.id,
      at: moment(now, from, -1),
      thickness: null,
      mass: null,
      note: '',
    })),
    outOfFlow: [{ from: moment(now, from, -0.8), to: moment(now, from), parkedIn: '' }],
    parts: {},
    ...UNPREPARED,
  };
  const flows = Array.from({ length: READINGS }, (_, number): LogEntry => {
    const clean = number === 0;
    // The last reading stands two days before the next repack, or two days before today.
    const through = number / (READINGS - 1);
    const daysAgo = from + (Math.min(from - 0.5, to + 2) - from) * through;
    const time = JUG_VOLUME / (strays * modelled[Math.round(from - daysAgo)]!);
    return {
      kind: 'flow',
      id: `${filter.id}-flow-${index + 1}-${number + 1}`,
      filterId: filter.id,
      jobId: clean ? jobId : null,
      at: moment(now, daysAgo, clean ? 0.1 : 0),
      moment: clean ? 'clean' : 'between',
      jugVolume: JUG_VOLUME,
      seconds: [0, 1, 2].map(() => Math.round(time * (1 + FILLING_NOISE * (2 * random() - 1)) * 10) / 10),
      note: '',
    };
  });
  const repacked: LogEntry = {
    kind: 'repacked',
    id: `${jobId}-done`,
    filterId: filter.id,
    jobId,
    at: moment(now, from),
    note: '',
  };
  return { packs, job, log: [repacked, ...flows] };
}

/** Steps of the repack under way that are behind: the canister stands open and clean. */
const DONE_SO_FAR = [
  'ready/prepared',
  'ready/tools',
  'stop/plug stays out',
  'body/rinse body',
  'body/impeller, canister',
  'body/parts',
] as const;

/** The repack that is under way on Reed bench: two layers are in. */
function openJob({ filter, layers }: DemoWater, now: Date): { packs: Pack[]; jobs: Job[] } {
  const dirt: Layer['dirt'][] = ['dusted', 'loaded', 'loaded', 'blocked', 'dusted', 'clean'];
  const found = layers.map((layer, index) => ({ ...layer, dirt: dirt[index] ?? null }));
  const planned = [
    ...layers.filter((layer) => layer.chamber === 'tray-1'),
    ...layers
      .filter((layer) => layer.chamber === 'tray-2')
      .flatMap((layer) =>
        layer.medium === 'floss-bonded' ? [plainLayer('rb-fine', 'foam-45', 'tray-2', 0.02), layer] : [layer],
      ),
    ...layers.filter((layer) => layer.chamber === 'tray-3'),
    ...layers
      .filter((layer) => layer.chamber === 'tray-4')
      .flatMap((layer) => [
        layer,
        { ...plainLayer('rb-stone-3', 'pumice', 'tray-4', 0.035), holder: 'bag' as const },
      ]),
  ];
  const pack = (role: Pack['role'], name: string, list: readonly Layer[]): Pack => ({
    id: `${filter.id}-${role.replace(' ', '-')}-now`,
    filterId: filter.id,
    role,
    name,
    layers: [...list],
    visits: [],
  });
  const asFound = pack('as found', 'As found', found);
  const plan = pack('planned', 'Plan', planned);
  return {
    packs: [asFound, plan],
    jobs: [
      {
        id: `${filter.id}-job-now`,
        filterId: filter.id,
        occasion: 'repack',
        stage: 'repack',
        startedAt: moment(now, 0, -1),
        finishedAt: null,
        asFoundPackId: asFound.id,
        plannedPackId: plan.id,
        alternativePackIds: [],
        asPackedPackId: null,
        parts: { seal: 'fine', clips: 'fine', impeller: 'worn' },
        ...UNPREPARED,
        ticks: DONE_SO_FAR.map((key) => ({ key, done: true, at: moment(now, 0, -0.3) })),
        // The rest waits where water runs: the clock stands, however late somebody looks.
        outOfFlow: [
          { from: moment(now, 0, -0.63), to: moment(now, 0, -0.25), parkedIn: 'Long run’s filter' },
        ],
        packed: planned.slice(0, 2).map((layer) => ({
          layerId: layer.id,
          at: moment(now, 0, -0.2),
          thickness: null,
          mass: null,
          note: '',
        })),
      },
    ],
  };
}
