import { describe, expect, it } from 'vitest';
import { netVolume } from '@/core/tank/netVolume';
import { WATER_BOUNDS } from '@/core/tank/waterBounds';
import type { Water } from '@/core/tank/water';
import { waterTurned } from './waterTurned';

const litres = (water: Water): number => 1000 * netVolume(water).value;

describe('waterTurned', () => {
  it.each([3, 60, 112, 450])('measures a usual tank of %d litres from its litres, and back', (volume) => {
    const box = waterTurned({ how: 'known', volume: volume / 1000 }, 'box');
    expect(litres(box) / volume).toBeCloseTo(1, 1);
    expect(waterTurned(box, 'known')).toEqual({ how: 'known', volume: netVolume(box).value });
  });

  it('keeps the sides that two shapes have in common', () => {
    const box = waterTurned({ how: 'known', volume: 0.1 }, 'box');
    if (box.how !== 'measured' || box.shape.form !== 'box') throw new Error('No box.');
    const bow = waterTurned(box, 'bow');
    expect(bow).toMatchObject({
      shape: { length: box.shape.length, width: box.shape.width, height: box.shape.height },
    });
    const cylinder = waterTurned(bow, 'cylinder');
    expect(cylinder).toMatchObject({
      fill: box.fill,
      shape: { diameter: box.shape.width, height: box.shape.height },
    });
  });

  it('never comes to less water than may be stored', () => {
    const empty = waterTurned({ how: 'known', volume: 0.05 }, 'box');
    if (empty.how !== 'measured') throw new Error('Not measured.');
    const full: Water = { ...empty, hardscape: { by: 'volume', volume: 10 } };
    expect(waterTurned(full, 'known')).toEqual({ how: 'known', volume: WATER_BOUNDS.volume.min });
  });
});
