import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hardscapeVolume, netVolume } from './netVolume';
import { floorArea } from './tankGeometry';
import { WaterSchema, type MeasuredWater } from './water';

const LITRE = 1e-3;
const tank = (change: Partial<MeasuredWater> = {}): MeasuredWater => ({
  how: 'measured',
  shape: { form: 'box', length: 1.2, width: 0.45, height: 0.5 },
  fill: 0.5,
  substrate: { depth: 0, porosity: 0.4 },
  hardscape: { by: 'volume', volume: 0 },
  ...change,
});
const volumeOf = (water: MeasuredWater): number => netVolume(water).value;

describe('water in a tank', () => {
  // Source: by hand: 120 × 45 × 50 cm is 270 L to the rim; 46 cm of water 248.4 L; 5 cm of substrate at 40 % takes
  // 1.2 · 0.45 · 0.05 · 0.6 = 16.2 L; 12 kg of rock at 2.6 kg/L 4.6 L; 227.6 L are left.
  it('is what is left in a 120 × 45 × 50 cm tank', () => {
    expect(volumeOf(tank())).toBeCloseTo(270 * LITRE, 9);
    expect(volumeOf(tank({ fill: 0.46 }))).toBeCloseTo(248.4 * LITRE, 9);
    const furnished = tank({
      fill: 0.46,
      substrate: { depth: 0.05, porosity: 0.4 },
      hardscape: { by: 'weight', mass: 12, density: 2600 },
    });
    expect(hardscapeVolume(furnished)).toBeCloseTo(4.615 * LITRE, 6);
    expect(volumeOf(furnished)).toBeCloseTo(227.585 * LITRE, 6);
  });

  // Source: solid geometry, by hand: cylinder 40 cm across; a bow of half the chord is a half circle; a flat bow of
  // 10 cm on 100 cm has r = 130 cm, segment 67.3 dm² … ≈ ⅔·c·s for small rises.
  it('knows round tanks and bow fronts', () => {
    expect(floorArea({ form: 'cylinder', diameter: 0.4, height: 0.5 })).toBeCloseTo(0.125664, 6);
    const half = floorArea({ form: 'bow', length: 1, width: 0.3, bow: 0.5, height: 0.5 });
    expect(half).toBeCloseTo(0.3 + Math.PI / 8, 9);
    const flat = floorArea({ form: 'bow', length: 1, width: 0.3, bow: 0.1, height: 0.5 }) - 0.3;
    expect(flat).toBeGreaterThan((2 / 3) * 0.1);
    expect(flat).toBeLessThan((2 / 3) * 0.1 * 1.03);
  });

  it('is never negative, and more stone never leaves more water', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 5, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (volume, more) => {
          const less = netVolume(tank({ hardscape: { by: 'volume', volume: volume + more } }));
          expect(less.value).toBeGreaterThan(0);
          expect(less.value).toBeLessThanOrEqual(volumeOf(tank({ hardscape: { by: 'volume', volume } })));
          expect(Number.isFinite(less.spread)).toBe(true);
        },
      ),
    );
  });

  it('says how far it may be off: about a litre in a bare tank, more with a bed and rock', () => {
    const bare = netVolume(tank({ fill: 0.46 }));
    expect(bare.spread / bare.value).toBeLessThan(0.015);
    const furnished = netVolume(
      tank({
        fill: 0.46,
        substrate: { depth: 0.06, porosity: 0.4 },
        hardscape: { by: 'volume', volume: 0.02 },
      }),
    );
    expect(furnished.spread).toBeGreaterThan(bare.spread);
    expect(netVolume({ how: 'known', volume: 0.2 })).toEqual({
      value: 0.2,
      spread: expect.closeTo(0.01, 9) as number,
    });
  });

  it.each<[string, MeasuredWater, RegExp]>([
    ['water above the rim', tank({ fill: 0.55 }), /above the top of the tank/],
    ['substrate above the water', tank({ fill: 0.2, substrate: { depth: 0.3, porosity: 0.4 } }), /shallower/],
    [
      'a bow that is none',
      tank({ shape: { form: 'bow', length: 0.5, width: 0.3, bow: 0.4, height: 0.5 } }),
      /half the length/,
    ],
    [
      'a porosity of one',
      tank({ substrate: { depth: 0.05, porosity: 1 } }),
      /Water between the grains must be from 0 % to 90 %/,
    ],
  ])('refuses %s in words', (_, water, message) => {
    const parsed = WaterSchema.safeParse(water);
    expect(parsed.success ? '' : parsed.error.issues[0]?.message).toMatch(message);
    expect(WaterSchema.safeParse(tank()).success).toBe(true);
  });
});
