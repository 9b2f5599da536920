import { describe, expect, it } from 'vitest';
import { foundMedia } from './foundMedia';

const first = (wanted: string, rank?: Parameters<typeof foundMedia>[2]): string | undefined =>
  foundMedia([], wanted, rank)[0]?.medium;

describe('foundMedia', () => {
  it('puts the name that was typed before names that only hold it', () => {
    expect(first('Coarse foam')).toBe('foam-15');
    expect(first('coarse FOAM, 15 ppi')).toBe('foam-15');
    expect(first('Medium foam')).toBe('foam-30');
    expect(first('Fine foam')).toBe('foam-45');
    expect(first('very coarse')).toBe('foam-10');
    expect(first('pond foam')).toBe('foam-bumped');
  });
  it('puts whole words before parts of them, and finds by family and role too', () => {
    expect(first('30')).toBe('foam-30');
    expect(foundMedia([], 'biological').length).toBeGreaterThan(3);
    expect(foundMedia([], 'moon rock')).toEqual([]);
  });
  it('lets what was used lately decide only between equal matches', () => {
    const lately = ({ medium }: { medium: string }): number => (medium === 'foam-10' ? 0 : 1);
    expect(first('coarse foam', lately)).toBe('foam-15');
    expect(first('', lately)).toBe('foam-10');
  });
});
