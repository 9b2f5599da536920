import { describe, expect, it } from 'vitest';
import { LogEntrySchema } from './logEntry';
import { plainLayer } from '../layers/plainLayer';
import { MANY_KINDS, manyEntries, type ManyFilter, type ManyKind } from './manyEntries';

const NOW = '2026-11-25T12:00:00.000Z';
const filter = (id: string, tankId: string, ...media: string[]): ManyFilter => ({
  ...{ id, tankId, airFilters: tankId === 't1' ? 2 : 0 },
  layers: media.map((medium, place) => plainLayer(`${id}-${place}`, medium, 'basket', 0.02)),
});
const FILTERS = [filter('a', 't1', 'foam-30', 'lava'), filter('b', 't1', 'foam-15'), filter('c', 't2')];
let count = 0;
const made = (kind: ManyKind) =>
  manyEntries(FILTERS, { kind, share: 0.3, note: 'Round' }, NOW, () => `n${(count += 1)}`);

describe('manyEntries', () => {
  it.each(MANY_KINDS)('makes entries that can be stored of “%s”', (kind) => {
    for (const entry of made(kind)) expect(LogEntrySchema.safeParse(entry).error).toBeUndefined();
  });

  it('squeezes the foam of each filter and nothing else, and passes over those without any', () => {
    expect(made('foam squeezed')).toMatchObject([
      { kind: 'service', filterId: 'a', works: [{ layerId: 'a-0', work: 'squeezed' }] },
      { kind: 'service', filterId: 'b', works: [{ layerId: 'b-0', work: 'squeezed' }] },
    ]);
  });

  it('squeezes the air-driven filters of a tank once, where there are any', () => {
    expect(made('air-driven filters squeezed')).toMatchObject([
      { kind: 'service', filterId: 'a', works: [{ layerId: null, work: 'air-driven filter squeezed' }] },
    ]);
  });

  it('changes the water of a tank once, whatever filters are on it', () => {
    expect(made('water changed').map(({ filterId }) => filterId)).toEqual(['a', 'c']);
    expect(made('noise')).toHaveLength(3);
  });
});
