import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addIntakeSponge, spongeBore } from './addIntakeSponge';
import type { ChamberShape } from './chamberShape';
import { volumeBetween, faceArea, deepest } from './chamberGeometry';
import { FilterSchema } from './filter';
import { intakeSponge } from './intakeSponge';
import { FilterKindSchema } from './filterKind';
import { FILTER_KINDS } from './filterKindWords';
import { drawnSize } from './chamberLayout';
import { presetFilter } from './presetFilter';
import { mediaVolume } from './mediaVolume';
import { PRESET_SIZES } from './presetSize';
import { shutOffHead } from './shutOffHead';

const LITRE = 1e-3;

describe('chamber shapes', () => {
  // Source: solid geometry, worked by hand: prism, cylinder, tube, hollow box, hollow cylinder.
  it.each<[ChamberShape, number, number]>([
    [{ form: 'box', length: 0.19, width: 0.19 }, 0.08, 2.888 * LITRE],
    [{ form: 'cylinder', diameter: 0.2 }, 0.1, Math.PI * LITRE],
    [{ form: 'annulus', diameter: 0.2, bore: 0.1 }, 0.1, 0.75 * Math.PI * LITRE],
    [{ form: 'perimeter', length: 0.3, width: 0.2, height: 0.1 }, 0.05, (6 - 2) * LITRE],
    [{ form: 'sleeve', diameter: 0.2, height: 0.1 }, 0.05, 0.75 * Math.PI * LITRE],
  ])('%j, %f m deep, holds what geometry says', (shape, depth, volume) => {
    expect(volumeBetween(shape, 0, depth)).toBeCloseTo(volume, 9);
  });

  it('adds up slice by slice, and a slice is area times depth in the limit', () => {
    const shapes: ChamberShape[] = [
      { form: 'box', length: 0.1, width: 0.07 },
      { form: 'annulus', diameter: 0.19, bore: 0.03 },
      { form: 'perimeter', length: 0.28, width: 0.22, height: 0.3 },
      { form: 'sleeve', diameter: 0.07, height: 0.12 },
    ];
    for (const shape of shapes)
      fc.assert(
        fc.property(
          fc.double({ min: 0, max: 0.03, noNaN: true }),
          fc.double({ min: 0, max: 0.03, noNaN: true }),
          (a, b) => {
            const [from, to] = [Math.min(a, b), Math.max(a, b)];
            expect(volumeBetween(shape, 0, from) + volumeBetween(shape, from, to)).toBeCloseTo(
              volumeBetween(shape, 0, to),
              12,
            );
            expect(volumeBetween(shape, from, from + 1e-6) / 1e-6).toBeCloseTo(faceArea(shape, from), 4);
          },
        ),
      );
  });

  it('ends at the centre of an inward shape', () => {
    const sleeve: ChamberShape = { form: 'sleeve', diameter: 0.08, height: 0.1 };
    expect(volumeBetween(sleeve, 0, 1)).toBeCloseTo(volumeBetween(sleeve, 0, deepest(sleeve)), 12);
  });
});

describe('intake sponge', () => {
  const canister = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');

  it('comes first in flow, fits the tube, hangs outside the body, and only once', () => {
    const filter = addIntakeSponge({
      ...canister,
      intakes: [{ place: 'left', depth: 0.3, tube: 0.02, hose: null, open: 1 }],
    });
    const sponge = intakeSponge(filter);
    expect(filter.chambers[0]).toBe(sponge);
    expect(sponge === null ? null : spongeBore(sponge)).toBeCloseTo(0.02, 9);
    expect((sponge?.place.x ?? 0) + (sponge === null ? 0 : drawnSize(sponge).width)).toBeLessThan(0);
    expect(filter.body).toEqual(canister.body);
    expect(addIntakeSponge(filter)).toBe(filter);
    expect(FilterSchema.safeParse(filter).success).toBe(true);
  });
});

describe('shutOffHead', () => {
  const pump = { power: null, internalLoss: null, head: { by: 'assumed' as const } };

  it('believes the label and the curve before anything else', () => {
    expect(
      shutOffHead(
        'internal-sponge',
        { power: 5, internalLoss: null, head: { by: 'label', shutOff: 0.9 } },
        1e-4,
      ),
    ).toEqual({
      value: 0.9,
      from: 'label',
    });
    const points = [
      { flow: 0, head: 1.4 },
      { flow: 3e-4, head: 0 },
    ];
    expect(
      shutOffHead('internal-sponge', { power: 5, internalLoss: null, head: { by: 'curve', points } }, 1e-4)
        .value,
    ).toBe(1.4);
  });

  // Source: canisters are sold with 15 to 20 W for a label of about 1,100 L/h and 1.5 to 2.2 m (from memory).
  it('gives a canister of usual power a usual head', () => {
    const { value, from } = shutOffHead('canister-down-flow', { ...pump, power: 18 }, 1.1 / 3600);
    expect(from).toBe('power');
    expect(value).toBeGreaterThan(1.5);
    expect(value).toBeLessThan(2.2);
    expect(shutOffHead('hang-on-back-basket', pump, 1e-4)).toEqual({ value: 0.6, from: 'kind' });
  });
});

describe('filter', () => {
  const basket = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test');

  it('has a valid preset of every kind in every size, each larger than the one before', () => {
    for (const kind of FilterKindSchema.options) {
      const rooms = PRESET_SIZES.map((size) => {
        const preset = presetFilter(kind, { id: 'f', tankId: 't' }, FILTER_KINDS[kind].name, size);
        const parsed = FilterSchema.safeParse(preset);
        expect(parsed.success ? [] : parsed.error.issues, `${kind} ${size}`).toEqual([]);
        return mediaVolume(preset);
      });
      expect(rooms).toEqual([...rooms].sort((a, b) => a - b));
      expect(new Set(rooms).size).toBe(PRESET_SIZES.length);
    }
  });

  it.each<[string, unknown, RegExp]>([
    [
      'a stop beyond the end',
      { ...basket, chambers: [{ ...basket.chambers[0], stop: 0.5 }] },
      /fill limit is beyond/,
    ],
    [
      'a stop above the rim',
      { ...basket, spill: { ...basket.spill, lipAboveFloor: 0.06, rimAboveLip: 0.02 } },
      /above the rim/,
    ],
    ['no chamber', { ...basket, chambers: [] }, /at least one chamber/],
    ['a chamber twice', { ...basket, chambers: [basket.chambers[0], basket.chambers[0]] }, /same id/],
    [
      'a negative depth',
      { ...basket, chambers: [{ ...basket.chambers[0], depth: -0.1 }] },
      /Depth along the flow must be more than 0.0 cm/,
    ],
    [
      'a box flowed inward',
      { ...basket, chambers: [{ ...basket.chambers[0], way: 'inward' }] },
      /flows inward/,
    ],
    [
      'a wall thicker than half the sleeve',
      {
        ...basket,
        chambers: [
          {
            ...basket.chambers[0],
            way: 'inward',
            stop: null,
            depth: 0.06,
            shape: { form: 'sleeve', diameter: 0.1, height: 0.1 },
          },
        ],
      },
      /thicker than half the chamber/,
    ],
    [
      'a centre pipe wider than its tray',
      {
        ...basket,
        chambers: [{ ...basket.chambers[0], shape: { form: 'annulus', diameter: 0.1, bore: 0.1 } }],
      },
      /narrower/,
    ],
    [
      'a chamber larger than the measured body',
      { ...basket, outside: { length: 0.2, width: 0.11, height: 0.1 } },
      /larger than the body/,
    ],
    [
      'a pump curve that rises',
      {
        ...basket,
        pump: {
          power: null,
          internalLoss: null,
          head: {
            by: 'curve',
            points: [
              { flow: 0, head: 1 },
              { flow: 1e-4, head: 1.2 },
            ],
          },
        },
      },
      /The more a pump delivers/,
    ],
    [
      'a pump curve that goes back',
      {
        ...basket,
        pump: {
          power: null,
          internalLoss: null,
          head: {
            by: 'curve',
            points: [
              { flow: 1e-4, head: 1 },
              { flow: 1e-4, head: 0.5 },
            ],
          },
        },
      },
      /larger than the one before/,
    ],
    ['no outlet', { ...basket, outlets: [] }, /at least one outlet/],
    ['five intakes', { ...basket, intakes: Array(5).fill(basket.intakes[0]) }, /at most 4 intakes/],
    ['a label flow in words', { ...basket, labelFlow: 'plenty' }, /Label flow must be a number/],
    ['an empty name', { ...basket, name: '  ' }, /missing/],
  ])('refuses %s with a sentence', (_, input, message) => {
    const parsed = FilterSchema.safeParse(input);
    expect(parsed.success ? '' : parsed.error.issues.map((issue) => issue.message).join(' ')).toMatch(
      message,
    );
  });
});
