import { clearDataFolder } from './dataFolder';
import { database } from './database';
import { startOutlooks, stopOutlooks } from './outlookWork';
import { HOUR } from '@/core/units/time';
import { dropLeftCopies } from './passingCopy';
import { onShutdown, watchShutdown } from './shutdown';
import { photos } from '@/store/photos';

/** Opens the database; one that cannot be used stops the app here, with a sentence that says what to do. */
export function openAtStart(): void {
  try {
    // What was deleted before cannot be brought back any more.
    photos.clearLeft(database());
    clearDataFolder();
    watchShutdown();
    onShutdown(() => void stopOutlooks());
    startOutlooks();
    setInterval(dropLeftCopies, HOUR * 1000).unref();
  } catch (error) {
    console.error(error instanceof Error ? error.message : error);
    process.exit(1);
  }
}
