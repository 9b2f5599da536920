import { inverseNormal } from './inverseNormal';
import { seededRandom } from './seededRandom';

/** Keeps a draw off 0 and 1, where no normal number lies. */
const MIN_DRAW = 1e-12;
/** Draws that are thrown away at first: those of neighbouring seeds resemble each other. */
const SKIPPED_DRAWS = 8;

/** Standard normal numbers that are the same on every run. */
export function seededNormal(seed: number): () => number {
  const random = seededRandom(seed);
  for (let skip = 0; skip < SKIPPED_DRAWS; skip += 1) random();
  return () => inverseNormal(Math.min(1 - MIN_DRAW, Math.max(MIN_DRAW, random())));
}
