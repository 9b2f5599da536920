import { describe, expect, it } from 'vitest';
import { withPrepared } from './withPrepared';

const AT = '2026-11-27T10:00:00.000Z';
const LATER = '2026-11-28T10:00:00.000Z';

describe('withPrepared', () => {
  it('keeps each preparation once, with the moment at which it was done last', () => {
    const once = withPrepared([{ key: 'soak', at: AT }], 'rinse', true, AT);
    expect(withPrepared(once, 'soak', true, LATER)).toEqual([
      { key: 'rinse', at: AT },
      { key: 'soak', at: LATER },
    ]);
    expect(withPrepared(once, 'rinse', false, LATER)).toEqual([{ key: 'soak', at: AT }]);
    expect(withPrepared(once, 'brush', false, LATER)).toEqual(once);
  });
});
