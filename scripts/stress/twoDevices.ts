import { randomUUID } from 'node:crypto';
import { copyFileSync } from 'node:fs';
import Database from 'better-sqlite3';
import { oneOf } from './mutate';
import { startApp } from './stressedApp';
import { Counter, type Tally } from './tally';

const BOTH = 'saves over each other';
const TWICE = 'changes made twice';

/** Documents that two devices have open, by table and where they are saved. */
const PLACES = [
  ['tank', 'tanks'],
  ['filter', 'filters'],
  ['pack', 'packs'],
] as const;

/**
 * Two devices save the same document at once from the same version, and one change is sent twice at once: of the saves one is
 * stored and one asked about, and a change happens once.
 *
 * @param data database that the app begins with
 * @param file of the database that it works on
 * @param random 0–1
 * @param goesOn asked before each race
 */
export async function twoDevices(
  data: string,
  file: string,
  random: () => number,
  goesOn: () => boolean,
): Promise<Tally> {
  const counter = new Counter('Races of two devices', 'races', [BOTH, TWICE]);
  copyFileSync(data, file);
  const app = await startApp(file);
  const db = new Database(file, { readonly: true });
  const send = async (method: string, path: string, changeId: string, body: unknown): Promise<number> => {
    const answer = await fetch(`${app.url}${path}`, {
      method,
      headers: { 'content-type': 'application/json', 'x-change-id': changeId },
      body: JSON.stringify(body),
    });
    await answer.arrayBuffer();
    return answer.status;
  };
  const entries = (): number => Number(db.prepare('SELECT count(*) FROM log_entry').pluck().get());
  try {
    while (goesOn()) {
      const [table, place] = oneOf(PLACES, random);
      const rows = db.prepare(`SELECT id, version, doc FROM ${table}`).all() as {
        id: string;
        version: number;
        doc: string;
      }[];
      const { id, version, doc } = oneOf(rows, random);
      const named = (name: string): unknown => ({ version, doc: { ...(JSON.parse(doc) as object), name } });
      const path = `/api/${place}/${id}`;
      const statuses = await Promise.all(
        ['One', 'Two'].map((name) => send('PUT', path, randomUUID(), named(`${name} ${version}`))),
      );
      // A pack that went in is not changed any more: then both are refused.
      if (statuses.filter((status) => status === 200).length > 1) counter.fault(BOTH, path);
      const before = entries();
      const entry = {
        ...{ kind: 'note', id: randomUUID(), filterId: 'long-run', jobId: null },
        ...{ at: new Date().toISOString(), note: 'All well.' },
      };
      const changeId = randomUUID();
      await Promise.all([0, 1].map(() => send('POST', '/api/log', changeId, entry)));
      if (entries() !== before + 1) counter.fault(TWICE, JSON.stringify(entry));
      counter.count();
    }
  } finally {
    db.close();
    await app.kill();
  }
  return counter.tally;
}
