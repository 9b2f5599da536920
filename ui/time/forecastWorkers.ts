import { wrap, type Remote } from 'comlink';
import type { ForecastApi } from '@/workers/forecastWorker';

/** What a worker can be asked. */
export type ForecastRemote = Remote<ForecastApi>;

/** A worker, and a promise that is rejected when it breaks: a worker that cannot be loaded answers nothing at all. */
interface Hand {
  readonly remote: ForecastRemote;
  readonly broken: Promise<never>;
  isBroken: boolean;
}

/** The first answers while hands are on the bench, the second does the long work. */
export type WorkerPlace = 'quick' | 'long';
export const WORKER_PLACES: readonly WorkerPlace[] = ['quick', 'long'];

const hands = new Map<WorkerPlace, Hand>();

function begin(): Hand {
  // The address must stand in the call, so that the bundler finds the worker.
  const worker = new Worker(new URL('../../workers/forecastWorker.ts', import.meta.url), { type: 'module' });
  let breaks: (reason: Error) => void = () => undefined;
  const broken = new Promise<never>((_, reject) => {
    breaks = reject;
  });
  // Nobody may be waiting when it breaks.
  broken.catch(() => undefined);
  const hand: Hand = { remote: wrap<ForecastApi>(worker), broken, isBroken: false };
  const fail = (event: Event): void => {
    hand.isBroken = true;
    worker.terminate();
    breaks(
      new Error(event instanceof ErrorEvent && event.message !== '' ? event.message : 'The worker broke.'),
    );
  };
  worker.addEventListener('error', fail);
  worker.addEventListener('messageerror', fail);
  return hand;
}

/**
 * Asks one of the two workers, which live as long as the page. One that breaks rejects all that was asked of it, and
 * the next question gets a new one.
 */
export function askWorker<Answer>(
  place: WorkerPlace,
  question: (remote: ForecastRemote) => Promise<Answer>,
): Promise<Answer> {
  const known = hands.get(place);
  const hand = known === undefined || known.isBroken ? begin() : known;
  hands.set(place, hand);
  return Promise.race([question(hand.remote), hand.broken]);
}
