import type { Words } from '../fields/wordsFor';
import { noticesState } from '../state/notices';
import { notifyDue } from './notifyDue';

/** Milliseconds between two looks at what is due. */
const LOOK_EVERY_MS = 30 * 60_000;

/** When this tab looked last: it goes from page to page. */
let lastLook = -Infinity;

/** Notifies of what is due, now and every half hour, until `signal` ends it. */
export function watchDue(words: Words, signal: AbortSignal): void {
  if (signal.aborted || noticesState() !== 'on') return;
  const look = (): void => {
    const now = new Date();
    if (Math.abs(now.getTime() - lastLook) < LOOK_EVERY_MS) return;
    lastLook = now.getTime();
    void notifyDue(words, now);
  };
  look();
  const timer = setInterval(look, LOOK_EVERY_MS);
  signal.addEventListener('abort', () => clearInterval(timer));
}
