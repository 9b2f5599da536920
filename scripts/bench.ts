// npm run bench: how fast it is on this machine. Printed, never asserted.
import { once } from 'node:events';
import { Worker } from 'node:worker_threads';
import { chromium } from '@playwright/test';
import { Workspace } from 'epanet-js';
import { cycle } from '@/core/biology/cycle';
import type { CycleInput } from '@/core/biology/cycleInput';
import { matureFilm, START_SHARE } from '@/core/biology/matureFilm';
import { swapRange } from '@/core/biology/swapRange';
import { dayState } from '@/core/dirt/dayState';
import { ENSEMBLE_RUNS } from '@/core/dirt/ensembleRange';
import { forecast } from '@/core/dirt/forecast';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import type { Filter } from '@/core/filter/filter';
import { operatingPoint, packHead } from '@/core/hydraulics/operatingPoint';
import { aloneOn } from '@/core/report/surroundings';
import { evaluatePack } from '@/core/report/evaluatePack';
import type { PackInput } from '@/core/report/packMeasures';
import { placeLayers } from '@/core/layers/placeLayers';
import { whatIf } from '@/core/explore/whatIf';
import { proposeSwap, swapPiece, withoutPieces } from '@/core/report/swapPieces';
import { layerSurfaces, tankBiology } from '@/core/report/tankBiology';
import { WATERS } from '@/demo/waters';
import { epanetFlow } from '@/reference/epanetFlow';
import { odexCycle } from '@/reference/odexCycle';
import playwrightConfig from '../playwright.config';
import { USUAL_EFFORT, type Effort } from '@/core/propose/effort';
import type { Share } from './ensembleThread';
import type { SearchDone, SearchShare } from './proposeThread';
import { serveDemo } from './serveDemo';

const PORT = '3048';
/** Times that proposals are asked for, and milliseconds until a sheet has fetched ahead what it may be asked for. */
const PROPOSAL_RUNS = 3;
const A_WHILE = 4000;
const RUNS = 300;
const DRAG_STEPS = 120;

/** Milliseconds of one run, the median and the least of many, after warming up: a busy neighbour spoils the one, and hardly the other. */
interface Timed {
  readonly median: number;
  readonly best: number;
}

function time(act: () => unknown, runs = RUNS): Timed {
  for (let run = 0; run < runs / 3; run += 1) act();
  const each = Array.from({ length: runs }, () => {
    const start = performance.now();
    act();
    return performance.now() - start;
  });
  return timed(each);
}

const timed = (each: readonly number[]): Timed => ({ median: median(each), best: Math.min(...each) });
const told = ({ median, best }: Timed, digits: number): string =>
  `${median.toFixed(digits)} ms, best ${best.toFixed(digits)}`;

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
const percentile = (values: readonly number[], share: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))] ?? 0;
const print = (what: string, value: string): void => console.log(`${what.padEnd(58)} ${value}`);

console.log('Core, one thread, median and best of many runs');
for (const { tank, filter, layers } of WATERS) {
  const input: PackInput = { ...aloneOn(tank), filter, layers, flow: null };
  const report = evaluatePack(input);
  print(
    `evaluatePack, ${filter.name}, ${layers.length} layers`,
    told(
      time(() => evaluatePack(input)),
      3,
    ),
  );
  print(
    `  whatIf, all small changes`,
    told(
      time(() => whatIf(input, report), 40),
      1,
    ),
  );
}

const workspace = new Workspace();
await workspace.loadModule();
console.log('\nOperating point against EPANET in WebAssembly, network built and solved each time');
for (const { tank, filter, layers } of WATERS.filter((water) => water.filter.hoses !== null)) {
  const placed = placeLayers(filter, layers);
  const curve = packHead(filter, placed, tank.temperature);
  const own = time(() => operatingPoint(filter, placed, tank.temperature));
  const theirs = time(() => epanetFlow(workspace, filter, curve, tank.temperature), 40);
  const apart =
    operatingPoint(filter, placed, tank.temperature).flow /
      epanetFlow(workspace, filter, curve, tank.temperature) -
    1;
  print(
    filter.name,
    `best ${own.best.toFixed(3)} ms against ${theirs.best.toFixed(1)} ms, ${(theirs.best / own.best).toFixed(0)} times as fast; flows ${(100 * apart).toFixed(3)} % apart`,
  );
}

const { tank, filter, layers } = waterOf('long-run');
const placedHere = placeLayers(filter, layers);
const branched = (lengths: readonly (number | null)[]): Filter => ({
  ...filter,
  intakes: lengths.flatMap((hose) => filter.intakes.slice(0, 1).map((intake) => ({ ...intake, hose }))),
  outlets: lengths.flatMap((hose) => filter.outlets.slice(0, 1).map((outlet) => ({ ...outlet, hose }))),
});
const branches = [[null], [null, 0.8, 1.4, 2.6]].map((lengths) =>
  time(() => operatingPoint(branched(lengths), placedHere, tank.temperature)),
);
print(
  'operating point, four unlike branches against one',
  `${(branches[1]!.best / branches[0]!.best).toFixed(1)} times as long`,
);

console.log('\nClogging, 180 days');
for (const { tank, filter, layers } of WATERS) {
  const input: ForecastInput = { tank, filter, layers, others: [], visits: [], days: 180 };
  print(
    `forecast, ${filter.name}, ${layers.length} layers`,
    told(
      time(() => forecast(input), 40),
      1,
    ),
  );
}
const five = { ...reedBench(), days: 180 };
print(
  `forecast, Reed bench, ${five.layers.length} layers`,
  told(
    time(() => forecast(five), 60),
    1,
  ),
);
print('a day of it drawn anew, as the slider does', told(time(slide(five), 60), 2));
// A thread does not load TypeScript by itself.
const thread = JSON.stringify(new URL('ensembleThread.ts', import.meta.url).href);
const threads = [0, 1].map(
  () =>
    new Worker(`import('tsx/esm/api').then(({ tsImport }) => tsImport(${thread}, ${thread}))`, {
      eval: true,
    }),
);
const ensemble = (input: ForecastInput): Promise<unknown> =>
  Promise.all(
    threads.map((thread, index) => {
      const share: Share = { input, from: (index * ENSEMBLE_RUNS) / 2, count: ENSEMBLE_RUNS / 2 };
      thread.postMessage(share);
      return once(thread, 'message');
    }),
  );
for (const { filter, tank, layers } of [waterOf('reed-bench'), waterOf('window-sill')]) {
  const input: ForecastInput = {
    tank,
    filter,
    layers: layers.slice(0, 5),
    others: [],
    visits: [],
    days: 180,
  };
  const each: number[] = [];
  for (let run = 0; run < 8; run += 1) {
    const start = performance.now();
    await ensemble(input);
    each.push(performance.now() - start);
  }
  print(`ensemble of ${ENSEMBLE_RUNS} on two threads, ${filter.name}`, told(timed(each.slice(1)), 0));
}
await Promise.all(threads.map((thread) => thread.terminate()));

console.log('\nProposals, a canister of four trays from any generic medium, two threads');
const proposeThread = JSON.stringify(new URL('proposeThread.ts', import.meta.url).href);
const proposers = [0, 1].map(
  () =>
    new Worker(`import('tsx/esm/api').then(({ tsImport }) => tsImport(${proposeThread}, ${proposeThread}))`, {
      eval: true,
    }),
);
const searched = (effort: Effort): Promise<SearchDone[]> =>
  Promise.all(
    proposers.map(async (thread, index) => {
      const share: SearchShare = { effort, share: { index, of: proposers.length } };
      thread.postMessage(share);
      const [done] = (await once(thread, 'message')) as [SearchDone];
      return done;
    }),
  );
// The first search finds the code cold.
await searched({ packs: 6000, forecasts: 120 });
for (const effort of [{ packs: 10_000, forecasts: 200 }, USUAL_EFFORT]) {
  const runs: { readonly done: SearchDone[]; readonly took: number }[] = [];
  for (let run = 0; run < 3; run += 1) {
    const start = performance.now();
    const done = await searched(effort);
    runs.push({ done, took: performance.now() - start });
  }
  const { median: took, best } = timed(runs.map((run) => run.took));
  const sum = (of: (part: SearchDone) => number): number =>
    runs[0]!.done.reduce((all, part) => all + of(part), 0);
  const tried = sum((part) => part.tried);
  print(
    `${tried} packs judged, ${sum((part) => part.forecast)} of them forecast`,
    `${told({ median: took, best }, 0)}, ${((1000 * tried) / took).toFixed(0)} packs a second; first after ${median(runs.flatMap(({ done }) => done.map(({ first }) => first))).toFixed(0)} ms`,
  );
}
await Promise.all(proposers.map((thread) => thread.terminate()));

console.log('\nBacteria over 60 days; the same equations by odex at about the same error');
const biology = tankBiology({ ...reedBench(), others: [], now: null });
if (biology === null) throw new Error('Nothing is fed in Reed bench.');
for (const start of ['bare', 'seeded', 'mature'] as const) {
  const input: CycleInput = {
    volume: biology.volume,
    celsius: biology.celsius,
    load: biology.load,
    places: matureFilm(
      [biology.staying, biology.outside].map((surface) => ({ surface, oxygen: biology.oxygen })),
      biology.load,
      biology.celsius,
      START_SHARE[start],
    ),
    zeolite: null,
    start: { ammonia: 0, nitrite: 0, nitrate: 0 },
    events: [],
    days: 60,
  };
  const exact = odexCycle(input, 1e-10);
  const off = ({ nitrite }: { nitrite: number }): number => Math.abs(nitrite / exact.nitrite - 1);
  const ours = off({ nitrite: cycle(input).nitrite.at(-1) ?? NaN });
  const like =
    [1e-2, 1e-3, 1e-4, 1e-5, 1e-6].find((tolerance) => off(odexCycle(input, tolerance)) <= ours) ?? 1e-7;
  const [own, theirs] = [time(() => cycle(input), 100), time(() => odexCycle(input, like), 20)];
  print(
    `cycle, ${start}`,
    `best ${own.best.toFixed(2)} ms against ${theirs.best.toFixed(1)} ms, ${(theirs.best / own.best).toFixed(0)} times as fast; off by ${ours.toExponential(1)} and ${off(odexCycle(input, like)).toExponential(1)}`,
  );
}
const reed = reedBench();
const placedReed = placeLayers(reed.filter, reed.layers);
const surfaces = layerSurfaces(reed.filter, reed.layers, reed.tank.temperature);
const pieces = placedReed.map((placed, index) => swapPiece(placed, surfaces[index]!, 'same', reed.tank));
print(
  'staged swap of all media planned',
  told(
    time(() => proposeSwap(biology, pieces, 7.2), 40),
    1,
  ),
);
const proposed = proposeSwap(biology, pieces, 7.2);
print(
  'its likely range',
  told(
    time(() => swapRange(withoutPieces(biology, pieces), pieces, proposed.stages), 40),
    1,
  ),
);

/** A water of the demo by the id of its filter. */
function waterOf(id: string): (typeof WATERS)[number] {
  const water = WATERS.find(({ filter }) => filter.id === id);
  if (water === undefined) throw new Error(`The demo has no ${id}.`);
  return water;
}

/** Five layers of the demo’s canister: settlement, two grades of foam, floss and stone. */
function reedBench(): ForecastInput {
  const { tank, filter, layers } = waterOf('reed-bench');
  return { tank, filter, layers: layers.slice(0, 5), others: [], visits: [] };
}

function slide(input: ForecastInput): () => unknown {
  const found = forecast(input);
  if (found === null) throw new Error('Nothing is fed.');
  return () => dayState(input, found.simulation, 90);
}

/** Milliseconds from the press until there are proposals, and until the search has come to its end; as text, as above. */
const PROPOSAL_TIMES = `new Promise((resolve) => {
  const begin = performance.now();
  let first = null;
  const look = () => {
    const text = document.querySelector('[aria-label="Proposed packs"]')?.textContent ?? '';
    if (first === null && document.querySelector('[aria-label="Proposals"] li')) first = performance.now() - begin;
    if (!/packs .*tried.* forecast\\./.test(text)) return;
    watch.disconnect();
    resolve({ first, all: performance.now() - begin });
  };
  const watch = new MutationObserver(look);
  watch.observe(document.body, { childList: true, subtree: true, characterData: true, attributes: true });
  [...document.querySelectorAll('button')].find((button) => button.textContent === 'Propose packs').click();
})`;

/** Milliseconds from the next move of the pointer until the range of the next service is told anew; as text, as above. */
const RANGE_TIME = `window.neatRanged = new Promise((resolve) => {
  let begin = null;
  let isGone = false;
  const look = () => {
    const isPending = /Working out/.test(document.querySelector('[data-testid="verdict-next"]').textContent);
    if (isPending) isGone = begin !== null;
    else if (isGone) resolve(performance.now() - begin);
  };
  window.addEventListener('pointermove', () => (begin ??= performance.now()), { capture: true });
  new MutationObserver(look).observe(document.body, { childList: true, subtree: true, characterData: true });
}); 0`;

console.log('\nFrames while an edge is dragged, built app in headless Chromium (drawn in software)');
await serveDemo(PORT, async (url) => {
  const browser = await chromium.launch(playwrightConfig.use?.launchOptions);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${url}/filter/reed-bench/plan`);
  // The workers are still at the range of the pack that was opened: what is asked here is how it drags.
  await page.getByTestId('verdict-next').filter({ hasNotText: 'Working out' }).waitFor();
  const edge = page.getByRole('slider', { name: /^Thickness of Porous ceramic/ }).first();
  const box = await edge.boundingBox();
  if (box === null) throw new Error('The edge is not drawn.');
  const [x, y] = [box.x + box.width / 2, box.y + 60];
  await page.mouse.move(x, y);
  await page.mouse.down();
  // As text: the transpiler would put a helper into a function that the page does not have.
  await page.evaluate(`{
    const frames = (window.neatFrames = []);
    let last = performance.now();
    requestAnimationFrame(function tick(now) {
      frames.push(now - last);
      last = now;
      requestAnimationFrame(tick);
    });
  }`);
  for (let step = 0; step < DRAG_STEPS; step += 1)
    await page.mouse.move(x - 40 * Math.sin((step / DRAG_STEPS) * 4 * Math.PI), y);
  const frames = await page.evaluate<number[]>('window.neatFrames');
  await page.evaluate(RANGE_TIME);
  await page.mouse.move(x - 20, y);
  const range = await page.evaluate<number>('window.neatRanged');
  await page.mouse.up();
  print(
    `${frames.length} frames, ${DRAG_STEPS} moves of the pointer`,
    `median ${median(frames).toFixed(1)} ms, 95 % within ${percentile(frames, 0.95).toFixed(1)} ms`,
  );
  print('range of the next service, from the last move', `${range.toFixed(0)} ms`);
  console.log('\nProposals in the browser, from the press, the sheet being there for a while');
  const waits: { readonly first: number; readonly all: number }[] = [];
  for (let run = 0; run < PROPOSAL_RUNS; run += 1) {
    const fresh = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await fresh.goto(`${url}/filter/reed-bench/plan`);
    await fresh.getByTestId('verdict-next').filter({ hasNotText: 'Working out' }).waitFor();
    await fresh.waitForTimeout(A_WHILE);
    waits.push(await fresh.evaluate<{ first: number; all: number }>(PROPOSAL_TIMES));
    await fresh.close();
  }
  print(
    'first proposals, and all worked out',
    `${median(waits.map(({ first }) => first)).toFixed(0)} ms, ${median(waits.map(({ all }) => all)).toFixed(0)} ms`,
  );
  await browser.close();
});
