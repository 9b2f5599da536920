import { setTimeout as pause } from 'node:timers/promises';
import { storageFaultOf } from '@/store/storageError';

/** Milliseconds that a change waits for another program to finish writing, and between two tries. */
const LONGEST_WAIT_MS = 2000;
const PAUSE_MS = 50;

/**
 * Makes a change once no other program writes: it is tried again and again, and other requests are answered in between.
 *
 * @param act changes nothing where it throws
 * @throws what `act` throws, also where the lock lasts longer than two seconds
 */
export async function whenUnlocked<T>(act: () => T): Promise<T> {
  const end = performance.now() + LONGEST_WAIT_MS;
  for (;;) {
    try {
      return act();
    } catch (error) {
      if (storageFaultOf(error) !== 'locked' || performance.now() >= end) throw error;
    }
    await pause(PAUSE_MS);
  }
}
