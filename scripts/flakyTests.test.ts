import { describe, expect, it } from 'vitest';
import { flakyTests } from './flakyTests.mjs';

describe('flakyTests', () => {
  it('names what passed on its second try alone, with where it stands', () => {
    const spec = (title: string, status: string) => ({ title, tests: [{ status }] });
    const suites = [
      { title: 'a.spec.ts', specs: [spec('good', 'expected'), spec('shaky', 'flaky')] },
      {
        title: 'b.spec.ts',
        suites: [{ title: 'from empty', specs: [spec('shaky too', 'flaky'), spec('bad', 'unexpected')] }],
      },
    ];
    expect(flakyTests(suites)).toEqual(['a.spec.ts › shaky', 'b.spec.ts › from empty › shaky too']);
    expect(flakyTests([])).toEqual([]);
  });
});
