import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import type { Layer } from './layer';
import { placeLayers } from './placeLayers';
import { plainLayer } from './plainLayer';
import { pouredVolume } from './pouredVolume';
import { thicknessOfPieces } from './thicknessOfPieces';

const basket = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test');
const chamber = basket.chambers[0]!;
const balls = plainLayer('a', 'balls', chamber.id, 0.04);

describe('thicknessOfPieces', () => {
  it('is as many pieces to the litre as keepers count (18 balls, by hand)', () => {
    // 18 balls are a litre; the face of the basket is 8 × 12 cm.
    const layer = { ...balls, thickness: thicknessOfPieces(chamber, balls, 18)! };
    const [placed] = placeLayers(basket, [layer]);
    expect(pouredVolume(chamber, layer, 0)).toBeCloseTo(1e-3, 9);
    expect(layer.thickness).toBeCloseTo(1e-3 / (placed!.measure.coveredArea * placed!.measure.coverShare), 6);
  });

  it('does not depend on how thick the layer was before, and is less where the pieces are placed by hand', () => {
    const placedBy = (change: Partial<Layer>) => thicknessOfPieces(chamber, { ...balls, ...change }, 30)!;
    expect(placedBy({ thickness: 0.1 })).toBeCloseTo(placedBy({}), 9);
    // 0.85 kg/L placed against 0.675 poured (common practice, no source).
    expect(placedBy({ placed: true })).toBeCloseTo((placedBy({}) * 0.675) / 0.85, 9);
  });

  it('is nothing for media that nobody counts, in a ring around the trays, and for no piece', () => {
    expect(thicknessOfPieces(chamber, { ...balls, medium: 'lava' }, 30)).toBeNull();
    expect(thicknessOfPieces(chamber, balls, 0)).toBeNull();
    const outside = presetFilter('canister-outside-in', { id: 'f', tankId: 't' }, 'Test').chambers[0]!;
    expect(thicknessOfPieces(outside, { ...balls, chamber: outside.id }, 30)).toBeNull();
  });
});
