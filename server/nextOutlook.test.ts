import { beforeEach, describe, expect, it } from 'vitest';
import type { Outlook } from '@/core/outlook/outlook';
import { demoContent } from '@/demo/demoContent';
import { insertFilterContent } from '@/store/filterFiles';
import { openDatabase, type Db } from '@/store/openDatabase';
import { outlooks } from '@/store/outlooks';
import { nextOutlook } from './nextOutlook';

const NOW = '2026-11-25T12:00:00.000Z';
const course = { likely: [1], low: [1], high: [1] };
const dueIn = (days: number): Outlook => ({
  learned: { posterior: null, refused: false, odd: [] },
  forecast: {
    packedAt: NOW,
    ...{ by: 'through', earliest: days, likely: days, latest: days, sponge: null, visits: [] },
    ...{ flow: course, lost: course, passes: course },
  },
});

describe('nextOutlook', () => {
  let db: Db;
  beforeEach(() => {
    db = openDatabase(':memory:');
    for (const content of demoContent(new Date(NOW))) insertFilterContent(db, content);
    outlooks.put(db, 'long-run', outlooks.get(db, 'long-run').revision, dueIn(200));
    outlooks.put(db, 'window-sill', outlooks.get(db, 'window-sill').revision, dueIn(9));
    outlooks.put(db, 'reed-bench', outlooks.get(db, 'reed-bench').revision, dueIn(3));
    // All of them have changed since.
    db.exec('UPDATE outlook SET revision = revision + 1');
  });
  const next = (looked: string[], isIdle: boolean, but: string[] = []) =>
    nextOutlook(
      db,
      outlooks.stale(db).filter(({ filterId }) => !but.includes(filterId)),
      looked,
      isIdle,
      NOW,
    )?.filterId ?? null;

  it('takes the filter that is looked at, then what is due soonest, and the rest only when nobody is there', () => {
    expect(next(['long-run', 'window-sill'], false)).toBe('long-run');
    expect(next(['gone', 'hatchery'], false)).toBe('hatchery');
    expect(next([], false)).toBe('reed-bench');
    expect(next([], false, ['reed-bench'])).toBe('window-sill');
    expect(next([], false, ['reed-bench', 'window-sill'])).toBeNull();
    expect(next([], true, ['reed-bench', 'window-sill'])).toBe('long-run');
    expect(next([], true, ['reed-bench', 'window-sill', 'long-run'])).toBe('hatchery');
    expect(next([], true, ['reed-bench', 'window-sill', 'long-run', 'hatchery'])).toBeNull();
  });
});
