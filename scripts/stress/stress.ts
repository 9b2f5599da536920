// npm run stress: attacks the built app for some minutes and prints what came of it. After --: the minutes that each trial may
// take (1), and the names of trials (kills, hostile, sequences, races, damaged); without names, all of them. It sends only to
// this machine’s own address, and ends by itself.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import process from 'node:process';
import { seededRandom } from '@/core/maths/seededRandom';
import { build, makeDemoDatabase } from '../prepare.mjs';
import { damagedFiles } from './damagedFiles';
import { hostileRequests } from './hostileRequests';
import { killUnderWrites } from './killUnderWrites';
import { formatTallies, isClean, type Tally } from './tally';
import { twoDevices } from './twoDevices';

/** The most minutes of a trial. */
const MAX_MINUTES = 60;
/** Shares of hostile requests: of an attack, and of a page that sends something stale or wrong now and then. */
const ATTACK = 0.8;
const NOW_AND_THEN = 0.2;

const [minutes = '1', ...names] = process.argv.slice(2);
const limit = Number(minutes);
if (!(limit > 0 && limit <= MAX_MINUTES))
  throw new Error(`Give the minutes of a trial, ${MAX_MINUTES} at most.`);

build();
const folder = mkdtempSync(path.join(tmpdir(), 'neat-stress-'));
const data = path.join(folder, 'demo.sqlite');
makeDemoDatabase(data);
const file = (name: string): string => path.join(folder, `${name}.sqlite`);
// Another each day, and the same again where it is named.
const seed = Number(process.env.SEED ?? Math.floor(Date.now() / 86_400_000));
const random = seededRandom(seed);

const TRIALS: Readonly<Record<string, (goesOn: () => boolean) => Promise<Tally> | Tally>> = {
  kills: (goesOn) => killUnderWrites(file('kills'), random, goesOn),
  hostile: (goesOn) => hostileRequests(data, file('hostile'), ATTACK, random, goesOn),
  sequences: (goesOn) => hostileRequests(data, file('sequences'), NOW_AND_THEN, random, goesOn),
  races: (goesOn) => twoDevices(data, file('races'), random, goesOn),
  damaged: (goesOn) => damagedFiles(data, file('damaged'), random, goesOn),
};

const tallies: Tally[] = [];
try {
  for (const name of names.length === 0 ? Object.keys(TRIALS) : names) {
    const trial = TRIALS[name];
    if (trial === undefined)
      throw new Error(`There is no trial “${name}”: ${Object.keys(TRIALS).join(', ')}.`);
    const end = performance.now() + limit * 60_000;
    const tally = await trial(() => performance.now() < end);
    console.error(`${name}: ${tally.tried} ${tally.unit}${isClean(tally) ? '' : `; ${tally.first}`}`);
    tallies.push(tally);
  }
} finally {
  rmSync(folder, { recursive: true });
}
console.log(`\nSeed ${seed}, ${limit} min a trial\n\n${formatTallies(tallies)}`);
process.exit(tallies.every(isClean) ? 0 : 1);
