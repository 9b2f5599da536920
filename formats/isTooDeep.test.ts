import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isTooDeep } from './isTooDeep';
import { readNeatLayerFile } from './readNeatLayerFile';

const nested = (levels: number): string => '['.repeat(levels) + ']'.repeat(levels);

describe('isTooDeep', () => {
  it('lets sixty-four levels pass, and not one more', () => {
    expect(isTooDeep(nested(64))).toBe(false);
    expect(isTooDeep(nested(65))).toBe(true);
    expect(isTooDeep(`[${Array.from({ length: 1000 }, () => nested(63)).join()}]`)).toBe(false);
  });

  it('counts no bracket within a text', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(isTooDeep(JSON.stringify([`${'['.repeat(100)}${text}`, `\\"${'{'.repeat(100)}`]))).toBe(false);
      }),
    );
  });

  it('keeps a file of nothing but nesting from being looked into', () => {
    expect(readNeatLayerFile(`{"format":"neatlayer","version":1,"packs":${nested(95_000)}}`)).toEqual({
      ok: false,
      faults: [expect.stringMatching(/nested too deeply/)],
    });
  });
});
