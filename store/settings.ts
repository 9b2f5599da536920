import { FIRST_SETTINGS, type Settings } from '@/core/settings/settings';
import { documentTable, type Stored } from './documentTable';
import { UnreadableError } from './errors';
import type { Db } from './openDatabase';

const table = documentTable('settings');

export const settings = {
  /** The settings; the first time, as the app comes. */
  get: (db: Db): Stored<Settings> => table.find(db, FIRST_SETTINGS.id) ?? table.insert(db, FIRST_SETTINGS),

  /** The same for pages: settings that cannot be read stand aside for those the app comes with. */
  getOrFirst: (db: Db): Stored<Settings> => {
    try {
      return settings.get(db);
    } catch (error) {
      if (!(error instanceof UnreadableError)) throw error;
      return { doc: FIRST_SETTINGS, version: 0, updatedAt: '' };
    }
  },
  read: table.read,
  update: table.update,
};
