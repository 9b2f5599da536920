import { FIRST_SETTINGS, SettingsSchema, type Settings } from '@/core/settings/settings';
import { documentTable, type Stored } from './documentTable';
import type { Db } from './openDatabase';

const table = documentTable('settings', SettingsSchema);

export const settings = {
  /** The settings; the first time, as the app comes. */
  get: (db: Db): Stored<Settings> => table.find(db, FIRST_SETTINGS.id) ?? table.insert(db, FIRST_SETTINGS),
  update: table.update,
};
