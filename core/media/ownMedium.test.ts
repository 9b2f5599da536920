import { describe, expect, it } from 'vitest';
import { bedGeometry } from './bedGeometry';
import { CATALOGUE, mediumById } from './catalogue';
import { canBeMixed, mixedMedium } from './mixedMedium';
import { MediumSchema } from './medium';
import { ownMedium, ownMediumLike } from './ownMedium';
import { OwnMediumSchema } from './ownMediumSchema';

describe('a medium of one’s own', () => {
  it('begins as the medium that it is like, whichever that is', () => {
    for (const like of CATALOGUE) {
      const own = ownMediumLike('mine', like);
      expect(OwnMediumSchema.parse({ ...own, letter: 'X' })).toMatchObject({ like: like.id });
      expect(ownMedium(own)).toEqual({ ...like, id: 'mine', name: own.name, like: like.id });
    }
  });

  it('marks what was changed as entered by the keeper, and only that', () => {
    const like = mediumById('porous-ceramic');
    const medium = ownMedium({ ...ownMediumLike('mine', like), dryBulk: 610 });
    expect(medium).toMatchObject({ dryBulk: 610, weighedBulk: 610, family: 'porous mineral' });
    expect(medium.provenance).toEqual({ ...like.provenance, bulk: 'entered by you' });
    expect(MediumSchema.safeParse(medium).success).toBe(true);
  });

  it('refuses figures that cannot be true together, and says which', () => {
    const rings = ownMediumLike('mine', mediumById('rings-dense'));
    const faults = (change: object): string[] =>
      OwnMediumSchema.safeParse({ ...rings, ...change }).error?.issues.map(({ message }) => message) ?? [];
    expect(faults({})).toEqual([]);
    expect(faults({ geometry: { ...rings.geometry, bore: 0.02 } })[0]).toMatch(/hole of a ring/);
    expect(faults({ drainedBulk: 100 })[0]).toMatch(/wet and drained/);
    expect(faults({ usableShare: { low: 0.5, likely: 0.3, high: 0.6 } })[0]).toMatch(
      /in order: lowest, likely, highest/,
    );
    expect(faults({ letter: 'abc' })[0]).toMatch(/one or two capital letters/);
    expect(faults({ dryBulk: 0 })[0]).toMatch(/Bulk weight, dry/);
  });
});

describe('a mixture', () => {
  const lava = mediumById('lava');
  const scrubbers = mediumById('scrubbers');
  const half = mixedMedium(
    [
      { medium: lava, share: 0.5 },
      { medium: scrubbers, share: 0.5 },
    ],
    null,
  );
  const surfaceOf = (medium: typeof lava): number => bedGeometry(medium.geometry).specificSurface;

  // Source: mass and surface are extensive quantities; the Ergun diameter is 6(1 − ε)/S by definition.
  it('adds mass and surface by volume, and has the Ergun grain of the whole', () => {
    expect(half.dryBulk).toBeCloseTo((lava.dryBulk + scrubbers.dryBulk) / 2, 9);
    expect(surfaceOf(half)).toBeCloseTo((surfaceOf(lava) + surfaceOf(scrubbers)) / 2, 6);
    const usable = (medium: typeof lava): number => surfaceOf(medium) * medium.usableShare.likely;
    expect(usable(half)).toBeCloseTo((usable(lava) + usable(scrubbers)) / 2, 6);
    expect(half.weighedBulk).toBe(lava.dryBulk / 2);
    expect(half.geometry.porosity).toBeCloseTo((0.48 + 0.95) / 2, 9);
  });

  it('keeps mass and surface when its porosity is entered, and says that it was', () => {
    const denser = mixedMedium(
      [
        { medium: lava, share: 0.5 },
        { medium: scrubbers, share: 0.5 },
      ],
      0.5,
    );
    expect([denser.dryBulk, surfaceOf(denser)]).toEqual([half.dryBulk, expect.closeTo(surfaceOf(half), 6)]);
    expect(denser.geometry.porosity).toBe(0.5);
    expect([half.provenance.geometry, denser.provenance.geometry]).toEqual(['calibrated', 'entered by you']);
  });

  it('of one medium with itself is that medium’s bed', () => {
    const same = mixedMedium(
      [
        { medium: lava, share: 0.3 },
        { medium: lava, share: 0.7 },
      ],
      null,
    );
    expect(bedGeometry(same.geometry)).toEqual({
      ...bedGeometry(lava.geometry),
      specificSurface: expect.closeTo(surfaceOf(lava), 6) as number,
      pore: expect.closeTo(bedGeometry(lava.geometry).pore, 9) as number,
      solidSize: expect.closeTo(0.015, 9) as number,
      porosity: expect.closeTo(0.48, 9) as number,
    });
  });

  it('is made of what is poured, not of sheets, floss or spacers', () => {
    const mixable = CATALOGUE.filter(canBeMixed).map(({ id }) => id);
    expect(mixable).toEqual(
      expect.arrayContaining(['lava', 'rings-dense', 'scrubbers', 'zeolite', 'carbon']),
    );
    for (const id of ['foam-30', 'floss-loose', 'spacer', 'unknown', 'cartridge'])
      expect(mixable).not.toContain(id);
  });
});
