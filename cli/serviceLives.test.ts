import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { forecast } from '@/core/dirt/forecast';
import { readNeatLayerFile } from '@/formats/readNeatLayerFile';

const FOLDER = path.join(import.meta.dirname, '..', 'reference', 'service-lives');
const read = (name: string): string => readFileSync(path.join(FOLDER, name), 'utf8');

const ROWS = z
  .array(
    z.object({
      file: z.string(),
      pack: z.string(),
      tradeDays: z.tuple([z.number(), z.number()]),
      of: z.enum(['pack', 'sleeve']),
    }),
  )
  .parse(JSON.parse(read('rows.json')));

/** How far ahead, days; what is not due within them counts as this. */
const HORIZON = 730;

// Common practice, no source: the days between services that keepers report, see reference/service-lives/README.md.
describe('service lives as keepers see them', () => {
  it.each(ROWS)(
    '$pack: within twice the range of $tradeDays days',
    ({ file, tradeDays: [soonest, latest], of }) => {
      const found = readNeatLayerFile(read(file));
      if (!found.ok) throw new Error(found.faults.join('\n'));
      const { tank, filter, packs } = found.file;
      const { layers } = packs.find((pack) => pack.layers.length > 0)!;
      const ahead = forecast({ tank, filter, layers, others: [], visits: [], days: HORIZON });
      const day = (of === 'sleeve' ? ahead.spongeDay : ahead.serviceDay) ?? HORIZON;
      expect(day).toBeGreaterThanOrEqual(soonest / 2);
      expect(day).toBeLessThanOrEqual(2 * latest);
    },
  );
});
