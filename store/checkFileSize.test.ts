import { describe, expect, it } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import { plainLayer } from '@/core/layers/plainLayer';
import { newTank } from '@/core/tank/newTank';
import { MAX_FILE_BYTES, MAX_LOG_ENTRIES } from '@/formats/fileLimits';
import { readNeatLayerFile } from '@/formats/readNeatLayerFile';
import { writeNeatLayerFile } from '@/formats/writeNeatLayerFile';
import { addFilterContent, readFilterContent } from './filterFiles';
import { filters } from './filters';
import { log } from './log';
import { openDatabase, type Db } from './openDatabase';
import { packs } from './packs';

const tank = newTank('t', 'Tank', 0.1);
const filter = presetFilter('internal-sponge', { id: 'f', tankId: 't' }, 'Filter');
const entry = (id: number) => ({
  kind: 'note' as const,
  id: `n${id}`,
  filterId: 'f',
  jobId: null,
  at: '2026-11-25T10:00:00Z',
  note: 'x',
});

/** A database with one filter whose log is filled by `rows` without asking. */
function filled(rows: number): Db {
  const db = openDatabase(':memory:');
  filters.add(db, { tank, filter });
  db.transaction(() => {
    for (let id = 0; id < rows; id += 1) log.insertRecord(db, entry(id));
  })();
  return db;
}

describe('what is stored of one filter', () => {
  it('is no longer than its file may be: the last entry that is taken is read again, the next is refused', () => {
    const db = filled(MAX_LOG_ENTRIES - 1);
    log.add(db, entry(MAX_LOG_ENTRIES));
    const text = writeNeatLayerFile(readFilterContent(db, 'f'));
    expect(readNeatLayerFile(text).ok).toBe(true);
    expect(() => log.add(db, entry(MAX_LOG_ENTRIES + 1))).toThrow(/is full at 20000 entries/);
  });

  it('is no larger than its file may be, also after it came in under longer ids', () => {
    const db = filled(0);
    // Sixty layers with the longest notes are some 140 kB.
    const layers = Array.from({ length: 60 }, (_, index) => ({
      ...plainLayer(`l${index}`, 'foam-30', 'sponge', 0.01),
      chamber: filter.chambers[0]?.id ?? '',
      note: 'é'.repeat(2000),
    }));
    let taken = 0;
    const add = (): void => {
      packs.insert(db, { id: `p${taken}`, filterId: 'f', role: 'planned', name: 'Plan', layers, visits: [] });
      taken += 1;
    };
    expect(() => {
      for (;;) add();
    }).toThrow(/larger than 20 MB/);
    expect(taken).toBeGreaterThan(70);
    // What was refused is taken out again by its change; here that is done by hand.
    db.prepare('DELETE FROM pack WHERE id = ?').run(`p${taken}`);
    const text = writeNeatLayerFile(readFilterContent(db, 'f'));
    expect(Buffer.byteLength(text)).toBeLessThanOrEqual(MAX_FILE_BYTES);
    const read = readNeatLayerFile(text);
    if (!read.ok) throw new Error(read.faults[0]);
    // Ids of the copy are longer: either it fits all the same, or it is refused; never is it taken and not read again.
    try {
      const copy = addFilterContent(db, read.file);
      expect(readNeatLayerFile(writeNeatLayerFile(readFilterContent(db, copy.doc.id))).ok).toBe(true);
    } catch (error) {
      expect(String(error)).toMatch(/larger than 20 MB/);
    }
  });
});
