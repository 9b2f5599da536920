// npm run judge: what hundreds of simulations say of ranges, learning, steps and service lives, against what is wanted. It takes
// minutes to an hour, and is no part of npm test.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { cloggingInput, type ForecastInput } from '@/core/dirt/cloggingInput';
import { simulateClogging } from '@/core/dirt/cloggingSimulation';
import { ensembleRun, ensembleRuns } from '@/core/dirt/ensemble';
import { ensembleRange } from '@/core/dirt/ensembleRange';
import { forecast } from '@/core/dirt/forecast';
import { serviceCourse, serviceDayOf } from '@/core/dirt/serviceCourse';
import { plainLayer } from '@/core/layers/plainLayer';
import { WATERS } from '@/demo/waters';
import { readNeatLayerFile } from '@/formats/readNeatLayerFile';
import { ROOT } from './prepare.mjs';

const FOLDER = path.join(ROOT, 'reference', 'service-lives');
const read = (name: string): string => readFileSync(path.join(FOLDER, name), 'utf8');

interface Row {
  readonly file: string;
  readonly pack: string;
  readonly tradeDays: readonly [number, number];
  readonly of: 'pack' | 'sleeve';
}
const ROWS = JSON.parse(read('rows.json')) as readonly Row[];
/** How far ahead, days; what is not due within them counts as this. */
const HORIZON = 730;

let missed = 0;
/** Prints a figure, what is wanted of it, and the outcome. */
function judge(what: string, figure: string, target: string, isMet: boolean): void {
  if (!isMet) missed += 1;
  console.log([what.padEnd(64), figure.padStart(14), target.padEnd(24), isMet ? 'met' : 'MISSED'].join('  '));
}
const percent = (share: number): string => `${(100 * share).toFixed(1)} %`;

/** A filter of reference/service-lives. */
function filterOf({ file }: Row): ForecastInput {
  const found = readNeatLayerFile(read(file));
  if (!found.ok) throw new Error(found.faults.join('\n'));
  const { tank, filter, packs } = found.file;
  const { layers } = packs.find((pack) => pack.layers.length > 0)!;
  return { tank, filter, layers, others: [], visits: [], days: HORIZON };
}

for (const row of ROWS) {
  const ahead = forecast(filterOf(row));
  const day = (row.of === 'sleeve' ? ahead.spongeDay : ahead.serviceDay) ?? HORIZON;
  const [soonest, latest] = row.tradeDays;
  judge(
    `Service life: ${row.pack}`,
    `${day.toFixed(0)} days`,
    `${soonest / 2} to ${2 * latest} days`,
    day >= soonest / 2 && day <= 2 * latest,
  );
}

/** The service day at a refinement, within as many days as it takes. */
const refined = (input: ForecastInput, days: number, refine: { slices: number; steps: number }): number =>
  serviceDayOf(
    serviceCourse(simulateClogging({ ...cloggingInput({ ...input, days, brief: true }), refine })),
  ) ?? NaN;

/** Steps in a day that are as good as exact. */
const FINE_STEPS = 64;
for (const row of ROWS) {
  const input = filterOf(row);
  const day = forecast(input).serviceDay;
  // A filter that lasts for long clogs slowly: steps matter little there, and take long.
  if (day === null || day > 100) continue;
  const days = Math.ceil(1.2 * day);
  const usual = refined(input, days, { slices: 1, steps: 1 });
  const bySteps = Math.abs(usual / refined(input, days, { slices: 1, steps: FINE_STEPS }) - 1);
  const bySlices = Math.abs(usual / refined(input, days, { slices: 2, steps: 1 }) - 1);
  judge(`Steps of 1/64 day move: ${row.pack}`, percent(bySteps), '1 % at most', bySteps <= 0.01);
  judge(`Twice the slices move: ${row.pack}`, percent(bySlices), '2 % at most', bySlices <= 0.02);
}

const sill = WATERS.find(({ filter }) => filter.id === 'window-sill')!;
const foam: ForecastInput = {
  tank: sill.tank,
  filter: sill.filter,
  layers: [plainLayer('fine', 'foam-45', 'basket', 0.1)],
  others: [],
  visits: [],
  days: 150,
};
const rangeOf = (runs: number, seed: number): readonly [number, number] => {
  const range = ensembleRange(
    Array.from({ length: runs }, (_, run) => ensembleRun(foam, 'through', run, { runs, seed })),
  );
  return [range?.earliest ?? NaN, range?.latest ?? NaN];
};
const [low, high] = rangeOf(1000, 99);
const near = Array.from({ length: 10 }, (_, seed) => rangeOf(100, seed + 1)).filter(
  ([early, late]) => Math.abs(early / low - 1) < 0.15 && Math.abs(late / high - 1) < 0.15,
).length;
judge('Ranges of 100 runs within 15 % of that of 1000, of ten seeds', `${near}`, '9 or more', near >= 9);

// Truths drawn from the prior, six packs: how many lie in the range that the app would have told, and how many before it.
const TRUTHS = 100;
let [within, before] = [0, 0];
const six = [
  ...WATERS.map(({ tank, filter, layers }) => ({ tank, filter, layers })),
  ...ROWS.slice(0, 2).map(filterOf),
];
for (const { tank, filter, layers } of six) {
  const input: ForecastInput = { tank, filter, layers, others: [], visits: [] };
  const told = ensembleRange(ensembleRuns(input, 'through'))!;
  for (let run = 0; run < TRUTHS; run += 1) {
    const day = ensembleRun(input, 'through', run, { runs: TRUTHS, seed: 77 }).serviceDay ?? Infinity;
    if (day < (told.earliest ?? Infinity)) before += 1;
    else if (day <= (told.latest ?? Infinity)) within += 1;
  }
}
const all = TRUTHS * six.length;
judge(
  'Truths of the prior that lie in the range told',
  percent(within / all),
  '74 to 86 %',
  within / all > 0.74 && within / all < 0.86,
);
judge(
  'Truths of the prior before its early end',
  percent(before / all),
  '7 to 13 %',
  before / all > 0.07 && before / all < 0.13,
);

/** Learns from simulated filters, in a process of its own. */
const learningTrial = (count: number, world: string) =>
  JSON.parse(
    execFileSync(process.execPath, ['--import', 'tsx', 'scripts/learningTrial.ts', `${count}`, world], {
      cwd: ROOT,
      encoding: 'utf8',
    }),
  ) as Record<'simulated' | 'learned' | 'held' | 'odd' | 'readings', number>;

const own = learningTrial(200, 'as modelled');
const another = learningTrial(60, 'another');
const kept = own.held / own.learned;
const keptThere = another.held / another.learned;
const answered = own.learned / own.simulated;
// One in a hundred is odd by chance.
const odd = own.odd / own.readings;
judge('Simulated logs that something is learned from', percent(answered), '95 % at least', answered > 0.95);
judge('Learned ranges that hold the true service day', percent(kept), '70 to 90 %', kept > 0.7 && kept < 0.9);
judge('The same in another world', percent(keptThere), '60 % at least', keptThere > 0.6);
judge('Readings that are found odd', percent(odd), '3 % at most', odd < 0.03);

process.exitCode = missed === 0 ? 0 : 1;
