import type { Words } from '../fields/wordsFor';
import { noticesState } from '../state/notices';
import { tellDue } from './tellDue';

/** Milliseconds between two looks at what is due. */
const EVERY = 30 * 60_000;

/** Notifies of what is due, now and every half hour, until `signal` ends it. */
export function watchDue(words: Words, signal: AbortSignal): void {
  if (signal.aborted || noticesState() !== 'on') return;
  const look = (): void => void tellDue(words, new Date());
  look();
  const timer = setInterval(look, EVERY);
  signal.addEventListener('abort', () => clearInterval(timer));
}
