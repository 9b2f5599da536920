import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { countAlong, countOnPhoto, poresAgainstLight, likelyGrades, type Mark } from './gradeFinder';

const perInch = (perMetre: number): number => perMetre * 0.0254;

describe('gradeFinder', () => {
  // Source: pores per inch by definition; a count of 30 along 25.4 mm is 30 ppi.
  it('counts pores along a ruler, more surely along a longer one', () => {
    const inch = countAlong(30, 0.0254);
    expect(perInch(inch.value)).toBeCloseTo(30, 9);
    expect(perInch(inch.spread)).toBeGreaterThan(1);
    expect(countAlong(120, 4 * 0.0254).spread).toBeLessThan(inch.spread);
  });

  it('reads pores off a photo at any scale and slant', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 6, noNaN: true }),
        fc.integer({ min: 8, max: 60 }),
        (pixelsPerMillimetre, slant, ppi) => {
          const at = (millimetres: number): Mark => [
            100 + millimetres * pixelsPerMillimetre * Math.cos(slant),
            80 + millimetres * pixelsPerMillimetre * Math.sin(slant),
          ];
          const marks = Array.from({ length: 12 }, (_, pore) => at((pore * 25.4) / ppi));
          const count = countOnPhoto([at(0), at(20)], 0.02, marks);
          expect(perInch(count?.value ?? 0)).toBeCloseTo(ppi, 6);
          // Even marks: only the ruler is in doubt, half a millimetre in twenty.
          expect((count?.spread ?? 0) / (count?.value ?? 1)).toBeCloseTo(0.025, 6);
        },
      ),
    );
  });

  it('claims less from uneven marks, and nothing from too few or from marks on one spot', () => {
    const ruler: [Mark, Mark] = [
      [0, 0],
      [200, 0],
    ];
    const uneven = countOnPhoto(ruler, 0.02, [
      [0, 0],
      [8, 0],
      [22, 0],
      [28, 0],
      [40, 0],
    ]);
    const even = countOnPhoto(ruler, 0.02, [
      [0, 0],
      [10, 0],
      [20, 0],
      [30, 0],
      [40, 0],
    ]);
    expect(uneven?.value).toBeCloseTo(even?.value ?? 0, 9);
    expect(uneven?.spread).toBeGreaterThan(even?.spread ?? Infinity);
    expect(
      countOnPhoto(ruler, 0.02, [
        [0, 0],
        [10, 0],
      ]),
    ).toBeNull();
    expect(
      countOnPhoto(
        [
          [5, 5],
          [5, 5],
        ],
        0.02,
        [
          [0, 0],
          [10, 0],
          [20, 0],
        ],
      ),
    ).toBeNull();
    expect(
      countOnPhoto(ruler, 0.02, [
        [3, 3],
        [3, 3],
        [3, 3],
      ]),
    ).toBeNull();
  });

  // Source: held to the light, coarse foam shows through (common practice, no source).
  it('takes coarse for what shows through', () => {
    const grades = (['shapes', 'light only', 'dark'] as const).map(
      (answer) => likelyGrades(poresAgainstLight(answer))[0]?.medium.grade,
    );
    expect(grades).toEqual(['coarse', 'medium', 'fine']);
  });

  it('shares certainty out among the grades, and always names one', () => {
    for (const count of [
      countAlong(30, 0.0254),
      poresAgainstLight('dark'),
      countAlong(5000, 0.0254),
      countAlong(3, 1),
    ]) {
      const guesses = likelyGrades(count);
      expect(guesses.reduce((sum, guesse) => sum + guesse.share, 0)).toBeCloseTo(1, 9);
    }
    expect(likelyGrades(countAlong(30, 0.0254))[0]?.medium.id).toBe('foam-30');
    expect(likelyGrades(countAlong(5000, 0.0254))[0]?.medium.id).toBe('foam-45');
  });
});
