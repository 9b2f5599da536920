import { randomUUID } from 'node:crypto';
import Database from 'better-sqlite3';
import { presetFilter } from '@/core/filter/presetFilter';
import { newTank } from '@/core/tank/newTank';
import { filters } from '@/store/filters';
import { openDatabase } from '@/store/openDatabase';
import { tanks } from '@/store/tanks';
import { pause, startApp } from './stressedApp';
import { Counter, type Tally } from './tally';

/** Writers at once, and the longest that they write before the app is killed, ms. */
const WRITERS = 4;
const LONGEST_LIFE_MS = 400;

const LOST = 'acknowledged writes lost';
const HALF = 'changes made in part';
const DAMAGED = 'damaged databases';

/** What a writer sent, and whether it was told that it is stored. */
interface Sent {
  readonly entryId: string;
  readonly changeId: string;
  readonly isAcknowledged: boolean;
}

/**
 * Kills the app while log entries and a tank are written to it, again and again, and looks each time whether all that was
 * acknowledged is in the database, nothing is there in part, and the database is whole.
 *
 * @param file of a database that is made
 * @param random 0–1
 * @param goesOn asked before each kill
 */
export async function killUnderWrites(
  file: string,
  random: () => number,
  goesOn: () => boolean,
): Promise<Tally> {
  const counter = new Counter('Kills under writes, through the built app', 'kills', [LOST, HALF, DAMAGED]);
  const tank = newTank('t', 'Tank', 0.1);
  const made = openDatabase(file);
  filters.add(made, {
    tank,
    filter: presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Filter'),
  });
  made.close();
  let tankVersion = 1;
  while (goesOn()) {
    const app = await startApp(file);
    const sent: Sent[] = [];
    let isOver = false;
    const post = async (method: string, path: string, changeId: string, body: unknown) => {
      try {
        const answer = await fetch(`${app.url}${path}`, {
          method,
          headers: { 'content-type': 'application/json', 'x-change-id': changeId },
          body: JSON.stringify(body),
        });
        const said: unknown = await answer.json();
        return answer.ok ? said : null;
      } catch {
        return null;
      }
    };
    const writeEntries = async (): Promise<void> => {
      while (!isOver) {
        const [entryId, changeId] = [randomUUID(), randomUUID()];
        const entry = { kind: 'note', id: entryId, filterId: 'f', jobId: null, at: new Date().toISOString() };
        const said = await post('POST', '/api/log', changeId, { ...entry, note: 'All well.' });
        sent.push({ entryId, changeId, isAcknowledged: said !== null });
      }
    };
    const writeTank = async (): Promise<void> => {
      while (!isOver) {
        const doc = { ...tank, name: `Tank ${tankVersion + 1}` };
        const said = (await post('PUT', '/api/tanks/t', randomUUID(), { version: tankVersion, doc })) as {
          version: number;
        } | null;
        if (said !== null) tankVersion = said.version;
      }
    };
    const writing = Promise.all([writeTank(), ...Array.from({ length: WRITERS }, writeEntries)]);
    await pause(random() * LONGEST_LIFE_MS);
    await app.kill();
    isOver = true;
    await writing;
    counter.count();

    const db = new Database(file);
    const check = String(db.pragma('integrity_check', { simple: true }));
    if (check !== 'ok') counter.fault(DAMAGED, check);
    const isThere = db.prepare('SELECT 1 FROM log_entry WHERE id = ?').pluck();
    const isKnown = db.prepare('SELECT 1 FROM change WHERE id = ?').pluck();
    for (const { entryId, changeId, isAcknowledged } of sent) {
      const stored = isThere.get(entryId) !== undefined;
      if (isAcknowledged && !stored) counter.fault(LOST, `entry ${entryId}`);
      if (stored !== (isKnown.get(changeId) !== undefined)) counter.fault(HALF, `entry ${entryId}`);
    }
    // The log of a filter is full some day.
    db.prepare("DELETE FROM log_entry WHERE filter_id = 'f'").run();
    db.close();
    const again = openDatabase(file);
    const stored = tanks.get(again, 't');
    again.close();
    // One that was on its way when the app was killed may have arrived; one that was acknowledged must have.
    if (stored.version < tankVersion) counter.fault(LOST, `version ${tankVersion} of the tank`);
    if (stored.version > 1 && stored.doc.name !== `Tank ${stored.version}`)
      counter.fault(HALF, `version ${stored.version} of the tank is called ${stored.doc.name}`);
    tankVersion = stored.version;
  }
  return counter.tally;
}
