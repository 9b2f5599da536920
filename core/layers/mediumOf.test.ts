import { describe, expect, it } from 'vitest';
import { mediumById } from '../media/catalogue';
import { ownMediumLike } from '../media/ownMedium';
import { LayerSchema } from './layer';
import { madeOnlyOf } from './madeOnlyOf';
import { mediaOf, mediumOf } from './mediumOf';
import { plainLayer } from './plainLayer';
import { unknownMedia } from './unknownMedia';

const own = {
  ...ownMediumLike('mine', mediumById('pumice')),
  name: 'Garden pumice',
  letter: 'GP',
  dryBulk: 520,
};
const mix = { parts: [{ medium: 'scrubbers', own: null, share: 0.25 }], porosity: null };
const layer = { ...plainLayer('a', 'pumice', 'tray', 0.1), ...madeOnlyOf(own), mix };

describe('mediumOf', () => {
  it('gives a medium of the catalogue, one of one’s own, and a mixture of both', () => {
    expect(mediumOf(madeOnlyOf('pumice'))).toBe(mediumById('pumice'));
    expect(mediumOf(madeOnlyOf(own))).toMatchObject({ name: 'Garden pumice', dryBulk: 520, like: 'pumice' });
    expect(mediumOf(layer)).toMatchObject({
      name: 'Garden pumice mixed with plastic pot scrubbers',
      letter: 'GN',
      dryBulk: 0.75 * 520 + 0.25 * mediumById('scrubbers').dryBulk,
    });
    expect(LayerSchema.parse(layer)).toEqual(layer);
  });

  it('answers the same object for the same layer, and a new one for new figures', () => {
    expect(mediumOf(layer)).toBe(mediumOf({ ...layer }));
    expect(mediumOf({ ...layer, own: { ...own, dryBulk: 400 } }).dryBulk).toBeLessThan(
      mediumOf(layer).dryBulk,
    );
  });

  it('lists every medium once', () => {
    const foam = plainLayer('b', 'foam-30', 'tray', 0.03);
    expect(mediaOf([layer, foam, { ...foam, id: 'c' }]).map(({ letter }) => letter)).toEqual(['GN', 'M']);
  });

  it('refuses a mixture without room for the layer’s own medium', () => {
    const full = {
      parts: [1, 2].map(() => ({ medium: 'scrubbers', own: null, share: 0.6 })),
      porosity: null,
    };
    expect(LayerSchema.safeParse({ ...layer, mix: full }).error?.issues[0]?.message).toMatch(/whole layer/);
  });
});

describe('unknownMedia', () => {
  it('names what is neither in the catalogue nor described', () => {
    expect(unknownMedia(layer)).toEqual([]);
    expect(unknownMedia({ ...layer, own: null })).toEqual(['mine']);
    expect(unknownMedia({ ...layer, own: { ...own, like: 'moon-rock' } })).toEqual(['moon-rock']);
    const strange = { ...mix, parts: [{ medium: 'moon-rock', own: null, share: 0.5 }] };
    expect(unknownMedia({ ...layer, mix: strange })).toEqual(['moon-rock']);
  });
});
