import type { ProposeApi } from '@/workers/proposeWorker';
import { createWorkerPool } from '../state/createWorkerPool';

/** Searches go on in two workers side by side. */
export const PROPOSE_PLACES = ['left', 'right'] as const;
export type ProposePlace = (typeof PROPOSE_PLACES)[number];

const hands = createWorkerPool<ProposePlace, ProposeApi>(
  () => new Worker(new URL('../../workers/proposeWorker.ts', import.meta.url), { type: 'module' }),
);

/** Asks one of the two workers that search for packs, see {@link createWorkerPool}. */
export const { ask: askProposer } = hands;

/** Begins the workers before anything is asked, so that the first answer comes at once. */
export function readyProposers(): void {
  for (const place of PROPOSE_PLACES)
    if (!hands.isBegun(place))
      // One that cannot be had now says so when it is asked.
      hands.ask(place, (remote) => remote.rehearse()).catch(() => undefined);
}
