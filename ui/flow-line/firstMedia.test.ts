import { describe, expect, it } from 'vitest';
import { USUAL_MEDIA } from '@/core/practice/usualMedia';
import { firstMedia } from './firstMedia';
import { foundMedia } from './foundMedia';

const all = foundMedia([], '');
const ids = (used: readonly string[]) => firstMedia(all, used).map(({ medium }) => medium);

describe('firstMedia', () => {
  it('is what is usual where nothing was used yet', () => {
    expect(ids([])).toEqual([...USUAL_MEDIA]);
  });

  it('is what is used most, filled up with what is usual, nothing twice and eight in all', () => {
    expect(ids(['lava', 'foam-45'])).toEqual(
      ['lava', 'foam-45', ...USUAL_MEDIA.filter((id) => id !== 'foam-45')].slice(0, 8),
    );
    expect(ids(all.map(({ medium }) => medium))).toHaveLength(8);
  });

  it('passes over what is no longer there', () => {
    expect(ids(['a medium that was deleted'])).toEqual([...USUAL_MEDIA]);
  });
});
