import { describe, expect, it } from 'vitest';
import { madeOnlyOf } from '../layers/madeOnlyOf';
import { plainLayer } from '../layers/plainLayer';
import { mediumById } from '../media/catalogue';
import { ownMediumLike } from '../media/ownMedium';
import { applyEdit } from './packEdit';
import { ownMediaOf, withOwnMedium } from './withOwnMedium';

const own = ownMediumLike('mine', mediumById('lava'));
const alone = { ...plainLayer('a', 'lava', 'tray', 0.1), ...madeOnlyOf(own) };
const mixedIn = {
  ...plainLayer('b', 'scrubbers', 'tray', 0.1),
  mix: { parts: [{ medium: 'mine', own, share: 0.5 }], porosity: null },
};
const foam = plainLayer('c', 'foam-30', 'tray', 0.03);
const better = { ...own, dryBulk: 640 };

describe('withOwnMedium', () => {
  it('gives new figures to the medium alone and mixed in, and leaves the rest as it is', () => {
    const [first, second, third] = withOwnMedium([alone, mixedIn, foam], better);
    expect(first?.own).toEqual(better);
    expect(second?.mix?.parts[0]?.own).toEqual(better);
    expect(second?.own).toBeNull();
    expect(third).toBe(foam);
  });

  it('is one edit of a plan', () => {
    expect(ownMediaOf(applyEdit([alone, mixedIn], { type: 'describe', own: better }))).toEqual([better]);
  });
});
