import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dominates, nonDominated } from './dominance';
import { hypervolume } from './hypervolume';

const points = fc.array(fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 3, maxLength: 3 }), {
  minLength: 1,
  maxLength: 24,
});

/** By the definition: as good in all, better in one. */
const beats = (a: readonly number[], b: readonly number[]): boolean =>
  a.every((value, index) => value <= b[index]!) && a.some((value, index) => value < b[index]!);

describe('dominance', () => {
  it('is the definition of Pareto, tried on all pairs', () => {
    fc.assert(
      fc.property(points, (all) => {
        for (const a of all) for (const b of all) expect(dominates(a, b)).toBe(beats(a, b));
      }),
    );
  });

  it('keeps exactly what nothing beats, each once', () => {
    fc.assert(
      fc.property(points, (all) => {
        const front = nonDominated(all, (point) => point);
        const expected = new Set(
          all.filter((point) => !all.some((other) => beats(other, point))).map((point) => point.join()),
        );
        expect(front).toHaveLength(expected.size);
        expect(new Set(front.map((point) => point.join()))).toEqual(expected);
      }),
    );
  });

  it('takes rounding for no difference', () => {
    expect(dominates([1 + 1e-13, 2], [1, 2])).toBe(false);
    expect(nonDominated([[1], [1 + 1e-13]], (point) => point)).toHaveLength(1);
  });
});

describe('hypervolume', () => {
  it('is the number of cells of a grid that some point beats', () => {
    fc.assert(
      fc.property(points, (all) => {
        // Of whole numbers every unit cell is either beaten all through or not at all.
        let cells = 0;
        for (let x = 0; x < 10; x += 1)
          for (let y = 0; y < 10; y += 1)
            for (let z = 0; z < 10; z += 1)
              if (all.some(([a, b, c]) => a! <= x && b! <= y && c! <= z)) cells += 1;
        expect(hypervolume(all, [10, 10, 10])).toBe(cells);
      }),
      { numRuns: 40 },
    );
  });

  it('never falls when a point is added, and counts nothing beyond the worst', () => {
    fc.assert(
      fc.property(
        points,
        fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 3, maxLength: 3 }),
        (all, one) => {
          expect(hypervolume([...all, one], [9, 9, 9])).toBeGreaterThanOrEqual(hypervolume(all, [9, 9, 9]));
        },
      ),
    );
    expect(hypervolume([[3, 3]], [2, 4])).toBe(0);
  });
});
