import { describe, expect, it } from 'vitest';
import { dateFormat } from './dateFormat';

describe('dateFormat', () => {
  it('writes a date as the locale does, and is made once', () => {
    const options = { day: 'numeric', month: 'short', timeZone: 'UTC' } as const;
    expect(dateFormat('en-GB', options).format(0)).toBe('1 Jan');
    expect(dateFormat('de-DE', options).format(0)).toBe('1. Jan.');
    expect(dateFormat('en-GB', { ...options })).toBe(dateFormat('en-GB', options));
    expect(dateFormat('en-GB')).not.toBe(dateFormat('en-GB', options));
  });
});
