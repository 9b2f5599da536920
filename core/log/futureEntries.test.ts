import { describe, expect, it } from 'vitest';
import type { LogEntry } from './logEntry';
import { futureEntries } from './futureEntries';

const at = (moment: string): LogEntry => ({
  ...{ kind: 'note', id: moment, filterId: 'f', jobId: null, note: 'Seen' },
  at: moment,
});
const LOG = [at('2027-11-27T10:00:00.000Z'), at('2026-11-28T09:00:00.000Z'), at('2026-11-20T10:00:00.000Z')];

describe('futureEntries', () => {
  it('finds what a clock set back left in the future, and nothing that another time zone explains', () => {
    expect(futureEntries(LOG, '2026-11-27T10:00:00.000Z').map(({ id }) => id)).toEqual([LOG[0]!.id]);
    expect(futureEntries(LOG, '2026-11-01T10:00:00.000Z')).toHaveLength(3);
    expect(futureEntries(LOG, '2028-01-01T10:00:00.000Z')).toEqual([]);
  });
});
