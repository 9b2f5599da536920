import { describe, expect, it } from 'vitest';
import { volumeBetween } from './chamberGeometry';
import { ChamberShapeSchema, type ChamberShape } from './chamberShape';
import { mostVolume, scaleToVolume } from './scaleToVolume';

describe('scaleToVolume', () => {
  const straight: readonly ChamberShape[] = [
    { form: 'box', length: 0.2, width: 0.15 },
    { form: 'cylinder', diameter: 0.2 },
    { form: 'annulus', diameter: 0.2, bore: 0.03 },
  ];

  it.each(straight)('makes a $form hold as many litres as are asked', (shape) => {
    const scaled = scaleToVolume(shape, 0.08, 1.2e-3)!;
    expect(volumeBetween(scaled, 0, 0.08)).toBeCloseTo(1.2e-3, 9);
    expect(scaled.form).toBe(shape.form);
    const most = mostVolume(shape, 0.08);
    expect(ChamberShapeSchema.safeParse(scaleToVolume(shape, 0.08, most)).success).toBe(true);
    expect(ChamberShapeSchema.safeParse(scaleToVolume(shape, 0.08, 1.01 * most)).success).toBe(false);
  });

  it('keeps the proportion of the sides, and the bore of a centre pipe', () => {
    const box = scaleToVolume(straight[0]!, 0.1, 12e-3) as Extract<ChamberShape, { form: 'box' }>;
    expect([box.length, box.width].map((side) => side.toFixed(6))).toEqual(['0.400000', '0.300000']);
    expect(scaleToVolume(straight[2]!, 0.08, 1e-3)).toMatchObject({ bore: 0.03 });
  });

  it('leaves a wall of foam alone: its volume does not go with its sides', () => {
    expect(scaleToVolume({ form: 'sleeve', diameter: 0.1, height: 0.1 }, 0.02, 1e-3)).toBeNull();
  });
});
