import { openDatabase, type Db } from '@/store/openDatabase';

/** Path of the database by default. */
const DEFAULT_FILE = 'data/neat-layer.sqlite';

// One connection for the process: the build may load this module more than once.
const shared = globalThis as { neatLayerDatabase?: Db };

/** The file of the database: `NEAT_DB` names it. */
export const databaseFile = (): string => process.env.NEAT_DB ?? DEFAULT_FILE;

/** The one open database. Opening checks it and brings it up to date. */
export function database(): Db {
  shared.neatLayerDatabase ??= openDatabase(databaseFile());
  return shared.neatLayerDatabase;
}
