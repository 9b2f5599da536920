import { inverseNormal } from './inverseNormal';
import { seededRandom } from './seededRandom';

/** Points of a coordinate below which correlations between coordinates are left as they fall. */
const MIN_POINTS_PER_COORDINATE = 2;

/**
 * Points of standard normal coordinates that cover all of them evenly with few runs: a Latin hypercube, freed of
 * chance correlations between its coordinates, and every point beside its mirror image. The same seed gives the same.
 *
 * @param runs how many points, even
 * @returns by point, its coordinates
 * @source McKay, Beckman & Conover 1979 (Technometrics 21, 239) for the hypercube; Iman & Conover 1982 (Commun. Stat. B 11,
 *   311) for the correlations, here by Gram and Schmidt’s method; antithetic variates.
 */
export function normalSample(runs: number, coordinates: number, seed: number): number[][] {
  const half = Math.ceil(runs / 2);
  const columns = Array.from({ length: coordinates }, (_, coordinate) => {
    const random = seededRandom(seed * 7919 + coordinate * 104_729 + 1);
    // The first draws of neighbouring seeds resemble each other.
    for (let skip = 0; skip < 8; skip += 1) random();
    const parts = shuffled(half, random);
    return parts.map((part) => inverseNormal((part + Math.max(1e-9, random())) / half));
  });
  const free = half >= MIN_POINTS_PER_COORDINATE * coordinates ? uncorrelated(columns) : columns;
  return Array.from({ length: runs }, (_, run) =>
    free.map((column) => (run < half ? 1 : -1) * column[run % half]!),
  );
}

/** Fisher & Yates’ shuffle of 0 to count − 1. */
function shuffled(count: number, random: () => number): number[] {
  const list = Array.from({ length: count }, (_, index) => index);
  for (let last = count - 1; last > 0; last -= 1) {
    const other = Math.floor(random() * (last + 1));
    [list[last], list[other]] = [list[other]!, list[last]!];
  }
  return list;
}

/** Columns at right angles to each other, each with a mean square of 1: with their mirror images, no correlations. */
function uncorrelated(columns: readonly (readonly number[])[]): number[][] {
  const done: number[][] = [];
  for (const column of columns) {
    const rest = [...column];
    for (const before of done) {
      const along = dot(rest, before) / before.length;
      for (let index = 0; index < rest.length; index += 1)
        rest[index] = rest[index]! - along * before[index]!;
    }
    const size = Math.sqrt(dot(rest, rest) / rest.length);
    done.push(rest.map((value) => value / size));
  }
  return done;
}

const dot = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, value, index) => sum + value * b[index]!, 0);
