import { describe, expect, it } from 'vitest';
import type { LogEntry } from '../log/logEntry';
import { QUICK_CHECKS } from '../log/serviceWorks';
import { quickCheckAdvice } from './quickCheckAdvice';

const NOW = '2026-11-27T10:00:00.000Z';
const service = (at: string): LogEntry => ({
  kind: 'service',
  id: 's',
  filterId: 'f',
  jobId: null,
  at,
  note: '',
  works: [{ layerId: 'a', work: 'squeezed' }],
  flowWas: 'not known',
});

describe('a quick look', () => {
  // Brown water just after squeezing foam is loosened dirt and harmless (common practice, no source).
  it('calls brown water just after a squeeze harmless, and at other times a fault to look for', () => {
    expect(quickCheckAdvice('brown water', [service('2026-11-27T08:00:00.000Z')], NOW)).toMatchObject({
      symptom: null,
      says: expect.stringMatching(/harmless/) as string,
    });
    for (const log of [[], [service('2026-11-20T08:00:00.000Z')], [service('2026-11-28T08:00:00.000Z')]])
      expect(quickCheckAdvice('brown water', log, NOW)?.symptom).toBe('cloudy water');
  });

  it('holds a repack for a squeeze, and nothing else that was logged', () => {
    const {
      works: _,
      flowWas: __,
      ...common
    } = service('2026-11-27T08:00:00.000Z') as Extract<LogEntry, { kind: 'service' }>;
    const after = (entry: LogEntry) => quickCheckAdvice('brown water', [entry], NOW)!.symptom;
    expect(after({ ...common, kind: 'repacked' })).toBeNull();
    expect(after({ ...common, kind: 'note', note: 'Fed twice.' })).toBe('cloudy water');
    expect(quickCheckAdvice('only a trickle', [service(NOW)], NOW)!.symptom).toBe('weak flow');
  });

  it('says nothing where all is well, and something everywhere else', () => {
    expect(quickCheckAdvice('all well', [], NOW)).toBeNull();
    for (const seen of QUICK_CHECKS.filter((look) => look !== 'all well'))
      expect(quickCheckAdvice(seen, [], NOW)?.says).toBeTruthy();
    expect(quickCheckAdvice('sponge or sleeve full', [], NOW)?.says).toMatch(/Fit the spare/);
    expect(quickCheckAdvice('only a trickle', [], NOW)?.symptom).toBe('weak flow');
  });
});
