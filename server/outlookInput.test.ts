import { beforeEach, describe, expect, it } from 'vitest';
import { demoContent } from '@/demo/demoContent';
import { NotFoundError } from '@/store/errors';
import { insertFilterContent } from '@/store/filterFiles';
import { log } from '@/store/log';
import { openDatabase, type Db } from '@/store/openDatabase';
import { outlookInput } from './outlookInput';

const NOW = new Date('2026-11-25T12:00:00Z');

describe('outlookInput', () => {
  let db: Db;
  beforeEach(() => {
    db = openDatabase(':memory:');
    for (const content of demoContent(NOW)) insertFilterContent(db, content);
  });

  it('gathers the newest packs with what was read of them, and the one that is in', () => {
    const { place, stretches, current } = outlookInput(db, 'long-run', NOW.toISOString());
    expect(place).toMatchObject({ filter: { id: 'long-run' }, tank: { id: 'long-run-tank' }, others: [] });
    expect(stretches.map(({ flows }) => flows.length)).toEqual([5, 5, 5, 5]);
    // Packed 46 days ago, as the demo tells.
    expect(current).toMatchObject({ today: 46, done: [] });
    expect(current!.layers).toHaveLength(6);
  });

  it('takes the dirt seen at a strip that is under way', () => {
    const { stretches } = outlookInput(db, 'reed-bench', NOW.toISOString());
    expect(stretches.at(-1)!.seen.map(({ dirt }) => dirt)).toContain('blocked');
  });

  it('takes services since the pack went in as done, on whole days', () => {
    log.add(db, {
      kind: 'service',
      id: 's',
      filterId: 'long-run',
      jobId: null,
      at: new Date(NOW.getTime() - 10.5 * 86_400_000).toISOString(),
      note: '',
      works: [{ layerId: 'lr-fine', work: 'replaced' }],
      flowWas: 'not known',
    });
    const { current } = outlookInput(db, 'long-run', NOW.toISOString());
    expect(current!.done).toEqual([{ day: 36, works: [{ layerId: 'lr-fine', work: 'replace' }] }]);
  });

  it('knows no filter that is not there', () => {
    expect(() => outlookInput(db, 'gone', NOW.toISOString())).toThrow(NotFoundError);
  });
});
