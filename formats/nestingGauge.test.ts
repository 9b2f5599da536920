import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nestingGauge } from './nestingGauge';
import { readNeatLayerFile } from './readNeatLayerFile';

const nested = (levels: number): string => '['.repeat(levels) + ']'.repeat(levels);

describe('nestingGauge', () => {
  it('lets sixty-four levels pass, and not one more', () => {
    expect(nestingGauge()(nested(64))).toBe(false);
    expect(nestingGauge()(nested(65))).toBe(true);
    expect(nestingGauge()(`[${Array.from({ length: 1000 }, () => nested(63)).join()}]`)).toBe(false);
  });

  it('counts no bracket within a text', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(nestingGauge()(JSON.stringify([`${'['.repeat(100)}${text}`, `\\"${'{'.repeat(100)}`]))).toBe(
          false,
        );
      }),
    );
  });

  it('counts on from piece to piece, wherever they are cut, in bytes as in text', () => {
    const deep = `{"a\\"[é":${nested(64)}}`;
    fc.assert(
      fc.property(fc.integer({ min: 0, max: deep.length }), fc.boolean(), (cut, isBytes) => {
        const isTooDeep = nestingGauge();
        const bytes = Buffer.from(deep);
        const pieces = isBytes
          ? [bytes.subarray(0, cut), bytes.subarray(cut)]
          : [deep.slice(0, cut), deep.slice(cut)];
        expect(pieces.map((piece) => isTooDeep(piece)).at(-1)).toBe(true);
        expect(nestingGauge()(deep.replace('[[', '['))).toBe(false);
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
