// Learns from filters that exist on paper only and counts how often the range learned holds the truth. Printed as JSON;
// scripts/judge.ts runs it, and core/learn/coverage.test.ts a short form of it, in a process of its own, since the test runner
// takes three times as long.
import { plainLayer } from '@/core/layers/plainLayer';
import type { CloggingInput } from '@/core/dirt/clogging';
import { ensembleRun } from '@/core/dirt/ensemble';
import { ensembleRange } from '@/core/dirt/ensembleRange';
import { presetFilter } from '@/core/filter/presetFilter';
import { fitModelToLog } from '@/core/learn/fitModelToLog';
import { drawPosterior } from '@/core/learn/drawPosterior';
import { WATERS } from '@/demo/waters';
import { simulatedLog } from '@/reference/simulatedLog';

const [count = '200', world = 'as modelled'] = process.argv.slice(2);
const base = WATERS[0]!.tank;
const tank = { ...base, feed: { ...base.feed, amount: { by: 'weight' as const, perDay: 3.5e-3 } } };
const filter = presetFilter('internal-compartments', { id: 'paper', tankId: tank.id }, 'Paper');
const layers = [plainLayer('floss', 'floss-bonded', filter.chambers[0]!.id, 0.02)];
const place = { tank, filter, others: [] };

/** Part of the way to the service that is read, fewer draws and runs than the app takes, and days that are followed. */
const PART = 0.8;
const SAMPLES = 100;
const RUNS = { runs: 20, seed: 1 };
const DAYS = 80;

/** The same filter in another world: warmer, with denser floss, and without the plants’ litter: dirt of other sizes. */
const otherWorld = (input: CloggingInput): CloggingInput => ({
  ...input,
  tank: { ...input.tank, temperature: input.tank.temperature + 2, plants: 'none' },
  own: {
    ...input.own,
    inFlow: input.own.inFlow.map((placed) => {
      const { geometry } = placed.medium;
      const denser =
        geometry.form === 'fibre' ? { ...geometry, porosity: geometry.porosity - 0.004 } : geometry;
      return { ...placed, medium: { ...placed.medium, geometry: denser } };
    }),
  },
});

const result = { simulated: 0, learned: 0, held: 0, odd: 0, readings: 0 };
for (let seed = 0; seed < Number(count); seed += 1) {
  const log = simulatedLog(place, layers, seed, PART, world === 'as modelled' ? undefined : otherWorld);
  if (log === null) continue;
  result.simulated += 1;
  const learned = fitModelToLog(place, log.stretches);
  if (learned === null || 'refused' in learned) continue;
  const input = {
    ...{ tank, filter, layers, others: [], visits: [], days: DAYS, brief: true },
    learned: drawPosterior(learned, SAMPLES),
  };
  const runs = Array.from({ length: RUNS.runs }, (_, run) => ensembleRun(input, 'through', run, RUNS));
  const range = ensembleRange(runs)!;
  result.learned += 1;
  result.odd += learned.odd.length;
  result.readings += learned.readings + learned.odd.length;
  if ((range.earliest ?? DAYS) <= log.serviceDay && log.serviceDay <= (range.latest ?? Infinity))
    result.held += 1;
}
console.log(JSON.stringify(result));
