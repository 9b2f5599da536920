import { seededRandom } from './seededRandom';

/**
 * One point of a Latin hypercube: of `runs` points, every coordinate falls once into each of as many equal parts of
 * 0–1, so that few points cover each coordinate evenly. The same seed gives the same points, in whatever order they
 * are asked for.
 *
 * @param point from 0 to runs − 1
 * @returns coordinates, each more than 0 and less than 1
 * @source McKay, Beckman & Conover 1979; from memory.
 */
export function latinHypercube(point: number, runs: number, coordinates: number, seed: number): number[] {
  return Array.from({ length: coordinates }, (_, coordinate) => {
    const random = seededRandom(seed * 7919 + coordinate * 104_729 + 1);
    // The first draws of neighbouring seeds resemble each other.
    for (let skip = 0; skip < 8; skip += 1) random();
    const parts = Array.from({ length: runs }, (_part, index) => index);
    // Fisher & Yates’ shuffle.
    for (let last = runs - 1; last > 0; last -= 1) {
      const other = Math.floor(random() * (last + 1));
      [parts[last], parts[other]] = [parts[other]!, parts[last]!];
    }
    const within = Array.from({ length: runs }, () => random());
    return (parts[point]! + Math.min(1 - 1e-9, Math.max(1e-9, within[point]!))) / runs;
  });
}
