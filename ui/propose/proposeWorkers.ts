import type { ProposeApi } from '@/workers/proposeWorker';
import { workerHands } from '../state/workerHands';

/** Searches go on in two workers side by side. */
export const PROPOSE_PLACES = ['left', 'right'] as const;
export type ProposePlace = (typeof PROPOSE_PLACES)[number];

/** Asks one of the two workers that search for packs, see {@link workerHands}. */
export const { ask: askProposer } = workerHands<ProposePlace, ProposeApi>(
  () => new Worker(new URL('../../workers/proposeWorker.ts', import.meta.url), { type: 'module' }),
);
