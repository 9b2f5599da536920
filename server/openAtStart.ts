import { clearDataFolder } from './dataFolder';
import { database } from './database';

/** Opens the database; one that cannot be used stops the app here, with a sentence that says what to do. */
export function openAtStart(): void {
  try {
    database();
    clearDataFolder();
  } catch (error) {
    console.error(error instanceof Error ? error.message : error);
    process.exit(1);
  }
}
