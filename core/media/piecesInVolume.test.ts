import { describe, expect, it } from 'vitest';
import { mediumById } from './catalogue';
import { piecesInVolume, volumeOfPieces } from './piecesInVolume';

describe('pieces of a medium', () => {
  it('are as many rings as fit by their size', () => {
    const rings = mediumById('rings-dense');
    if (rings.geometry.form !== 'rings') throw new Error('not rings');
    const { outerDiameter, length } = rings.geometry;
    // Cylinders as they fall fill 55 to 65 % of the room (from memory).
    const perLitre = (share: number): number =>
      (share * 1e-3) / ((Math.PI / 4) * outerDiameter ** 2 * length);
    const found = piecesInVolume(rings, 1e-3)!;
    expect(found.low).toBeLessThanOrEqual(perLitre(0.55));
    expect(found.high).toBeGreaterThanOrEqual(perLitre(0.65));
    expect(found.likely / perLitre(0.6)).toBeCloseTo(1, 1);
  });

  it('are as many balls of 3 to 5 cm as fit by their size', () => {
    // Spheres as they fall fill 55 to 64 % of the room (from memory).
    const perLitre = (diameter: number, share: number): number =>
      (share * 1e-3) / ((Math.PI / 6) * diameter ** 3);
    const found = piecesInVolume(mediumById('balls'), 1e-3)!;
    expect(found.low).toBeGreaterThanOrEqual(perLitre(0.05, 0.55) - 1);
    expect(found.high).toBeLessThanOrEqual(perLitre(0.03, 0.64) + 1);
  });

  it('go with the volume, there and back, and are not counted of stone', () => {
    const scrubbers = mediumById('scrubbers');
    expect(piecesInVolume(scrubbers, 2e-3)).toEqual({ low: 8, likely: 10, high: 14 });
    expect(volumeOfPieces(scrubbers, piecesInVolume(scrubbers, 1.7e-3)!.likely)).toBeCloseTo(1.7e-3, 9);
    expect(piecesInVolume(mediumById('lava'), 1e-3)).toBeNull();
    expect(volumeOfPieces(mediumById('lava'), 10)).toBeNull();
  });
});
