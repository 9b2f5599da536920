import { describe, expect, it } from 'vitest';
import { demoContent } from '@/demo/demoContent';
import { insertFilterContent } from './filterFiles';
import { openDatabase } from './openDatabase';
import { packs } from './packs';

describe('packs.mostUsedMedia', () => {
  it('counts the layers of every pack', () => {
    const db = openDatabase(':memory:');
    expect(packs.mostUsedMedia(db, 3)).toEqual([]);
    const contents = demoContent(new Date('2026-11-25T12:00:00Z'));
    for (const content of contents) insertFilterContent(db, content);
    const counts = new Map<string, number>();
    for (const { medium } of contents.flatMap((content) => content.packs.flatMap(({ layers }) => layers)))
      counts.set(medium, (counts.get(medium) ?? 0) + 1);
    const expected = [...counts]
      .sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))
      .map(([medium]) => medium);
    expect(packs.mostUsedMedia(db, 3)).toEqual(expected.slice(0, 3));
    expect(packs.mostUsedMedia(db, 100)).toEqual(expected);
  });
});
