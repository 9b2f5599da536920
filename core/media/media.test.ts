import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bedGeometry } from './bedGeometry';
import { CATALOGUE, findMedium, mediumById } from './catalogue';
import { fibreGeometry } from './fibreGeometry';
import { foamGeometry } from './foamGeometry';
import { MediumSchema } from './medium';
import { gradeRank } from './gradeRank';
import { grainGeometry } from './grainGeometry';
import { ribbonGeometry } from './ribbonGeometry';
import { ringGeometry } from './ringGeometry';

describe('geometry of media', () => {
  // Source: Lacroix et al. 2007, cubic cell, worked for 30 ppi at porosity 0.97 (from memory).
  it('gives 30 ppi foam struts of 0.108 mm and 1,114 m² per m³', () => {
    const foam = foamGeometry(30, 0.97);
    expect(foam.solidSize * 1e3).toBeCloseTo(0.108, 3);
    expect(foam.specificSurface).toBeCloseTo(1114, 0);
  });

  // Source: surface of spheres of diameter d in a bed, 6(1−ε)/d: 12 mm at 0.45 open is 275 m²/m³ (by hand).
  it('gives a bed of 12 mm grains 275 m² per m³', () => {
    expect(grainGeometry(0.012, 0.45).specificSurface).toBeCloseTo(275, 6);
  });

  // Source: by hand for a tube 15 × 8 × 15 mm: wall π/4(15²−8²)·15 = 1,896.8 mm³, faces π(15+8)·15 + 2·126.4 = 1,336.7 mm².
  it('counts inside, outside and ends of a ring', () => {
    expect(ringGeometry(0.015, 0.008, 0.015, 0.65).specificSurface).toBeCloseTo(
      (0.35 * 1336.7e-6) / 1896.8e-9,
      0,
    );
  });

  it('gives finer foam more surface and smaller pores', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 90, noNaN: true }),
        fc.double({ min: 0.5, max: 10, noNaN: true }),
        (ppi, more) => {
          const coarse = foamGeometry(ppi, 0.97);
          const fine = foamGeometry(ppi + more, 0.97);
          expect(fine.specificSurface).toBeGreaterThan(coarse.specificSurface);
          expect(fine.pore).toBeLessThan(coarse.pore);
        },
      ),
    );
  });

  it('keeps the hydraulic identity pore ~ 2ε/S for sheets and ¼ of it for cylinders in line', () => {
    const ribbon = ribbonGeometry(0.15e-3, 0.95);
    expect(ribbon.specificSurface).toBeCloseTo(666.7, 1);
    expect(ribbon.pore * ribbon.specificSurface).toBeCloseTo(1.9, 9);
    expect(fibreGeometry(35e-6, 0.985).pore * 1e6).toBeCloseTo(253, 0);
  });
});

describe('catalogue', () => {
  it('holds valid media, each id once', () => {
    for (const medium of CATALOGUE) expect(MediumSchema.parse(medium)).toEqual(medium);
    expect(new Set(CATALOGUE.map((medium) => medium.id)).size).toBe(CATALOGUE.length);
    expect(new Set(CATALOGUE.map((medium) => medium.letter)).size).toBe(CATALOGUE.length);
  });

  // Source: porous mineral media about 0.65–0.7 kg per litre of tray, poured (common practice, no source).
  it('weighs porous mineral media as the trade does', () => {
    const weighed = CATALOGUE.filter((medium) => medium.weighedBulk > 0);
    expect(weighed.length).toBeGreaterThan(3);
    for (const medium of weighed) {
      expect(medium.dryBulk).toBeGreaterThanOrEqual(650);
      expect(medium.dryBulk).toBeLessThanOrEqual(700);
    }
  });

  // Source: scrubbers have a lot of surface, balls and dense rings little (common practice, no source).
  it('ranks usable surface as the trade does', () => {
    const surface = (id: string): number => bedGeometry(mediumById(id).geometry).specificSurface;
    expect(surface('scrubbers')).toBeGreaterThan(2 * surface('balls'));
    expect(surface('foam-30')).toBeGreaterThan(3 * surface('rings-dense'));
  });

  it('has every solid lighter dry than dripping, and no bed heavier than its water and stone', () => {
    for (const medium of CATALOGUE) {
      expect(medium.drainedBulk).toBeGreaterThan(medium.dryBulk);
      expect(medium.drainedBulk).toBeLessThan(medium.dryBulk + 1000);
    }
  });

  it('orders grades from open to close and knows what it does not know', () => {
    expect(['foam-15', 'foam-30', 'foam-45', 'floss-bonded'].map((id) => gradeRank(mediumById(id)))).toEqual([
      0, 1, 2, 3,
    ]);
    expect(gradeRank(mediumById('pumice'))).toBeNull();
    expect(findMedium('moon-rock')).toBeUndefined();
    expect(() => mediumById('moon-rock')).toThrow(/moon-rock/);
  });
});
