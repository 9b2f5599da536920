import { wrap, type Remote } from 'comlink';

/** A worker, and a promise that is rejected when it breaks: a worker that cannot be loaded answers nothing at all. */
interface Hand<Api> {
  readonly remote: Remote<Api>;
  readonly broken: Promise<never>;
  isBroken: boolean;
}

/** Workers of one kind, one for each place. */
export interface WorkerPool<Place extends string, Api> {
  /**
   * Asks the worker of a place, which lives as long as the page. One that breaks rejects all that was asked of it, and the
   * next question gets a new one.
   */
  readonly ask: <Answer>(place: Place, question: (remote: Remote<Api>) => Promise<Answer>) => Promise<Answer>;
  /** True once the worker of a place was asked something. */
  readonly isBegun: (place: Place) => boolean;
}

/**
 * Workers that live as long as the page, each begun when it is first asked.
 *
 * @param create makes one; the address must stand in the call of `new Worker`, so that the bundler finds it
 */
export function createWorkerPool<Place extends string, Api>(create: () => Worker): WorkerPool<Place, Api> {
  const hands = new Map<Place, Hand<Api>>();
  return {
    isBegun: (place) => hands.has(place),
    ask: (place, question) => {
      const known = hands.get(place);
      const hand = known === undefined || known.isBroken ? begin<Api>(create()) : known;
      hands.set(place, hand);
      return Promise.race([question(hand.remote), hand.broken]);
    },
  };
}

function begin<Api>(worker: Worker): Hand<Api> {
  let breaks: (reason: Error) => void = () => undefined;
  const broken = new Promise<never>((_, reject) => {
    breaks = reject;
  });
  // Nobody may be waiting when it breaks.
  broken.catch(() => undefined);
  const hand: Hand<Api> = { remote: wrap<Api>(worker), broken, isBroken: false };
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
