import { randomUUID } from 'node:crypto';
import { copyFileSync, rmSync } from 'node:fs';
import Database from 'better-sqlite3';
import { DATA_TABLES } from '@/store/dataTables';
import { everyDoor, plainRequest, type Door } from './doors';
import { mutated, mutatedText, oneOf } from './mutate';
import { startApp, type StressedApp } from './stressedApp';
import { Counter, type Tally } from './tally';

/** Requests after which the app begins anew with fresh data, and after which its pages are looked at. */
const REQUESTS_A_LIFE = 4000;
const REQUESTS_A_LOOK = 200;
/** Requests of a sequence. */
const SEQUENCE = 20;

const CRASHES = 'crashes';
const FAILURES = 'answers of 500';
const PARTIAL = 'refusals that changed data';
const PAGES = 'pages that failed';
const LATE = 'requests without an answer in 30 s';
/** Milliseconds that an answer may take. */
const LONGEST_MS = 30_000;
/** Doors behind which much is worked out, and the share of the times that they are tried when their turn comes. */
const HEAVY = /forecast-checks|try-out|backup|export|templates|card|outlook/;
const HEAVY_SHARE = 0.05;

const MUST_NOT = [CRASHES, FAILURES, LATE, PARTIAL, PAGES];

/** Values that name no change, and names of nothing. */
const NO_CHANGE_IDS = ['', 'x', ' '.repeat(8), '../'.repeat(10), 'é'.repeat(8)] as const;
const STRANGE_IDS = ['..', '%2e%2e', '%00', '%ff', "a'b", 'a'.repeat(5000), '😀', '[id]'] as const;

/** What says whether anything that a keeper entered was changed. */
const signatureOf = (db: Database.Database): string =>
  DATA_TABLES.map((table) =>
    JSON.stringify(
      db
        .prepare(
          table === 'photo'
            ? 'SELECT count(*), sum(length(jpeg)) FROM photo'
            : `SELECT count(*), sum(length(doc)), max(rowid)${table === 'log_entry' ? '' : ', sum(version)'} FROM ${table}`,
        )
        .raw()
        .get(),
    ),
  ).join();

/**
 * Sends requests to every door of the app: as its pages do, and with what programs stumble over in the body, the address and
 * the headers.
 *
 * @param data database that the app begins with
 * @param file of the database that it works on
 * @param hostility share of the requests that are hostile, 0–1
 * @param random 0–1
 * @param goesOn asked before each request
 */
export async function hostileRequests(
  data: string,
  file: string,
  hostility: number,
  random: () => number,
  goesOn: () => boolean,
): Promise<Tally> {
  const isHostile = hostility >= 0.5;
  const counter = isHostile
    ? new Counter('Hostile requests to every door', 'requests', MUST_NOT)
    : new Counter(`Random sequences of ${SEQUENCE} requests`, 'sequences', MUST_NOT);
  const doors = everyDoor();
  while (goesOn()) {
    for (const ending of ['', '-wal', '-shm']) rmSync(file + ending, { force: true });
    copyFileSync(data, file);
    const app = await startApp(file);
    // The first page makes the settings and the shelf where there are none.
    await (await fetch(`${app.url}/shelf`)).arrayBuffer();
    const db = new Database(file, { readonly: true });
    try {
      for (let number = 1; number <= REQUESTS_A_LIFE && goesOn(); number += 1) {
        const door = oneOf(doors, random);
        if (HEAVY.test(door.address) && random() > HEAVY_SHARE) continue;
        await one(app, db, door);
        if (isHostile || number % SEQUENCE === 0) counter.count();
        if (number % REQUESTS_A_LOOK === 0) await lookAtPages(app, db);
        if (!app.isUp()) {
          counter.fault(CRASHES, `after ${number} requests`);
          break;
        }
      }
    } finally {
      db.close();
      await app.kill();
    }
  }
  return counter.tally;

  async function one(app: StressedApp, db: Database.Database, door: Door): Promise<void> {
    const { path, body } = plainRequest(door, db, random);
    const bad = random() < hostility;
    const text = JSON.stringify(bad ? mutated(body, random) : body) ?? '';
    const sent = bad && random() < 0.3 ? mutatedText(text, random) : text;
    const address =
      bad && random() < 0.2 ? path.replace(/[^/]+$/, encodeURI(oneOf(STRANGE_IDS, random))) : path;
    const changeId = bad && random() < 0.1 ? oneOf(NO_CHANGE_IDS, random) : randomUUID();
    const before = signatureOf(db);
    let status: number;
    try {
      const answer = await fetch(
        `${app.url}${address}${bad && random() < 0.1 ? '?try=1&from=-1&shape=99' : ''}`,
        {
          method: door.method,
          signal: AbortSignal.timeout(LONGEST_MS),
          headers: { 'content-type': 'application/json', 'x-change-id': encodeURIComponent(changeId) },
          ...(['GET', 'HEAD'].includes(door.method) ? {} : { body: sent }),
        },
      );
      await answer.arrayBuffer();
      ({ status } = answer);
    } catch (error) {
      const isLate = error instanceof Error && error.name === 'TimeoutError';
      if (isLate) counter.fault(LATE, `${door.method} ${address} ${sent.slice(0, 300)}`);
      // A request that cannot be formed is not the app’s.
      else if (!app.isUp()) counter.fault(CRASHES, `${door.method} ${address}: ${String(error)}`);
      return;
    }
    if (status === 500) counter.fault(FAILURES, `${door.method} ${address} ${sent.slice(0, 300)}`);
    if (status >= 400 && signatureOf(db) !== before)
      counter.fault(PARTIAL, `${door.method} ${address} ${status} ${sent.slice(0, 300)}`);
  }

  async function lookAtPages(app: StressedApp, db: Database.Database): Promise<void> {
    const ids = db.prepare('SELECT id FROM filter').pluck().all() as string[];
    const filter = ids.length === 0 ? null : encodeURIComponent(oneOf(ids, random));
    const pages = ['/', '/shelf', '/settings', '/mature', '/troubles'];
    const own = ['care', 'log', 'measure', 'strip', 'plan', 'repack', 'charts', 'card'];
    for (const page of [
      oneOf(pages, random),
      ...(filter === null ? [] : [`/filter/${filter}/${oneOf(own, random)}`]),
    ]) {
      const answer = await fetch(`${app.url}${page}`).catch(() => null);
      await answer?.arrayBuffer().catch(() => undefined);
      if (answer === null || answer.status >= 500) counter.fault(PAGES, page);
    }
  }
}
