import { describe, expect, it } from 'vitest';
import type { LogEntry } from '../log/logEntry';
import { NEEDS_WORK, roundAnswer } from './roundAnswer';

const common = { id: 'a', filterId: 'f', jobId: null, at: '2026-12-02T10:00:00Z', note: '' };
const look = (...seen: Extract<LogEntry, { kind: 'look' }>['seen']): LogEntry => ({
  kind: 'look',
  ...common,
  seen,
});
const note = (text: string): LogEntry => ({ kind: 'note', ...common, note: text });

describe('what a round says of a filter', () => {
  it('is the newest look or mark, whatever else was written', () => {
    expect(roundAnswer([])).toBeNull();
    expect(roundAnswer([note('Fed less.')])).toBeNull();
    expect(roundAnswer([look('all well')])).toBe('all well');
    expect(roundAnswer([look('all well'), note(NEEDS_WORK), note('Fed less.')])).toBe('needs work');
    expect(roundAnswer([note(NEEDS_WORK), look('all well')])).toBe('all well');
  });

  it('is work where anything was seen that is not well', () => {
    expect(roundAnswer([look('cloudy water')])).toBe('needs work');
    expect(roundAnswer([look('all well', 'cloudy water')])).toBe('needs work');
  });
});
