import { describe, expect, it } from 'vitest';
import type { LogEntry } from '../job/logEntry';
import { LOOKS } from '../job/looks';
import { lookAdvice } from './lookAdvice';

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
    expect(lookAdvice('brown water', [service('2026-11-27T08:00:00.000Z')], NOW)).toMatchObject({
      symptom: null,
      says: expect.stringMatching(/harmless/) as string,
    });
    for (const log of [[], [service('2026-11-20T08:00:00.000Z')], [service('2026-11-28T08:00:00.000Z')]])
      expect(lookAdvice('brown water', log, NOW)?.symptom).toBe('cloudy water');
  });

  it('says nothing where all is well, and something everywhere else', () => {
    expect(lookAdvice('all well', [], NOW)).toBeNull();
    for (const seen of LOOKS.filter((look) => look !== 'all well'))
      expect(lookAdvice(seen, [], NOW)?.says).toBeTruthy();
    expect(lookAdvice('sponge or sleeve full', [], NOW)?.says).toMatch(/Fit the spare/);
    expect(lookAdvice('only a trickle', [], NOW)?.symptom).toBe('weak flow');
  });
});
