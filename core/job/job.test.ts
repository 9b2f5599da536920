import { describe, expect, it } from 'vitest';
import type { Filter } from '../filter/filter';
import type { FilterKind } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { asPacked } from './asPacked';
import { fittedThickness, plannedMass } from './fittedThickness';
import { LogEntrySchema } from '../log/logEntry';
import { smallParts } from '../filter/smallParts';
import { isPast } from './isPast';

const filter = presetFilter('hang-on-back-basket', { id: 'f', tankId: 't' }, 'Test');

describe('asPacked', () => {
  const at = '2026-11-25T14:00:00Z';
  const planned = [
    {
      ...plainLayer('a', 'foam-15', 'basket', 0.03),
      dirt: 'loaded' as const,
      treatment: 'squeeze' as const,
      note: 'Old sheet.',
    },
    plainLayer('b', 'lava', 'basket', 0.05),
  ];

  it('keeps ticked layers with what differed, and leaves out the others', () => {
    const packed = asPacked(
      filter,
      planned,
      [{ layerId: 'a', at, thickness: 0.025, mass: null, note: 'Cut thinner.' }],
      planned,
      '2026-11-25',
    );
    expect(packed).toEqual([
      { ...planned[0], thickness: 0.025, dirt: null, treatment: null, note: 'Old sheet. Cut thinner.' },
    ]);
  });

  it('is the plan when nothing differed', () => {
    const steps = planned.map(({ id }) => ({ layerId: id, at, thickness: null, mass: null, note: '' }));
    const packed = asPacked(filter, planned, steps, planned.slice(0, 1), '2026-11-25');
    expect(packed.map((layer) => layer.thickness)).toEqual([0.03, 0.05]);
    // The first came out of the filter and its age is not known; the second is new in it.
    expect(packed.map((layer) => layer.installedOn)).toEqual([null, '2026-11-25']);
  });
});

describe('fittedThickness', () => {
  const layer = plainLayer('b', 'lava', 'basket', 0.05);

  it('follows the weight of loose media, so that 1.2 of 1.5 kg is four fifths of the height', () => {
    const planned = plannedMass(filter, layer)!;
    expect(fittedThickness(filter, layer, { thickness: null, mass: 0.8 * planned })).toBeCloseTo(0.04, 12);
    expect(fittedThickness(filter, layer, { thickness: 0.03, mass: 0.8 * planned })).toBe(0.03);
    expect(fittedThickness(filter, layer, { thickness: null, mass: null })).toBe(0.05);
  });

  it('leaves foam as it is, which is no thinner for being dry, and stays a layer that can be', () => {
    const pad = plainLayer('a', 'foam-15', 'basket', 0.03);
    expect(fittedThickness(filter, pad, { thickness: null, mass: 0.001 })).toBe(0.03);
    expect(fittedThickness(filter, layer, { thickness: null, mass: 1e-9 })).toBe(0.002);
    expect(plannedMass({ chambers: [] }, layer)).toBeNull();
  });
});

describe('smallParts', () => {
  const partsOf = (kind: FilterKind, equipment: Filter['equipment'] = [], isNew = false) =>
    smallParts({ ...presetFilter(kind, { id: 'f', tankId: 't' }, 'Test'), equipment }, isNew).map(
      ({ part }) => part,
    );

  // Source: the small parts of each kind as the trade lists them (common practice, no source).
  it('lists what this filter has and nothing else', () => {
    expect(partsOf('canister-centre-pipe', ['taps', 'grid'])).toEqual([
      'taps',
      'hoses',
      'hose collars',
      'seal',
      'clips',
      'impeller',
      'impeller well',
      'intake tube',
      'suction cups',
      'grid',
    ]);
    expect(partsOf('hang-on-back-basket')).toEqual([
      'motor seal',
      'lid',
      'levelling foot',
      'impeller',
      'impeller well',
      'intake tube',
    ]);
    expect(partsOf('internal-sponge', [], true)).toEqual([
      'packing',
      'impeller',
      'impeller well',
      'suction cups',
    ]);
  });
});

describe('stages and log', () => {
  it('knows what lies behind', () => {
    expect(isPast('strip', 'repack')).toBe(true);
    expect(isPast('repack', 'repack')).toBe(false);
  });

  it.each([
    [{ seconds: [] }, /at least one filling/],
    [{ seconds: [0.1] }, /Time to the mark must be from 0.3 s/],
    [{ jugVolume: -1 }, /Jug must be/],
    [{ at: 'yesterday' }, /like this: /],
  ])('refuses a reading with %j', (change, message) => {
    const flow = {
      kind: 'flow',
      id: 'e',
      filterId: 'f',
      jobId: null,
      at: '2026-11-25T10:00:00Z',
      moment: 'clean',
      jugVolume: 1e-3,
      seconds: [5],
      note: '',
    };
    const parsed = LogEntrySchema.safeParse({ ...flow, ...change });
    expect(parsed.success ? '' : parsed.error.issues[0]?.message).toMatch(message);
    expect(LogEntrySchema.safeParse(flow).success).toBe(true);
  });
});
