import { openDatabase, type Db } from '@/store/openDatabase';

/** Path of the database by default. */
const DEFAULT_FILE = 'data/neat-layer.sqlite';

// One connection for the process: the build may load this module more than once.
const shared = globalThis as { neatLayerDatabase?: Db };

/** The file of the database: `NEAT_DB` names it. */
export const databaseFile = (): string => process.env.NEAT_DB ?? DEFAULT_FILE;

/** Milliseconds for which a statement may keep every other request waiting while another program writes. */
const LOCK_WAIT_MS = 20;

/** The one open database. Opening checks it and brings it up to date. */
export function database(): Db {
  if (shared.neatLayerDatabase === undefined) {
    const db = openDatabase(databaseFile());
    // Changes wait longer, and let other requests pass meanwhile: `whenUnlocked`.
    db.pragma(`busy_timeout = ${LOCK_WAIT_MS}`);
    shared.neatLayerDatabase = db;
  }
  return shared.neatLayerDatabase;
}
