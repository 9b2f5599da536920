import { describe, expect, it } from 'vitest';
import { DEMO_SHELF } from '@/demo/demoShelf';
import { mediaOnShelf } from './mediaOnShelf';

describe('mediaOnShelf', () => {
  it('gives those of sheets, loose media and pieces, and nothing of bags and spares', () => {
    const bagsAndSpares = DEMO_SHELF.items.filter(({ kind }) => kind === 'bag' || kind === 'spare');
    expect(bagsAndSpares.length).toBeGreaterThan(0);
    expect(mediaOnShelf(DEMO_SHELF)).toHaveLength(DEMO_SHELF.items.length - bagsAndSpares.length);
    expect(mediaOnShelf({ id: 'shelf', items: [] })).toEqual([]);
  });
});
