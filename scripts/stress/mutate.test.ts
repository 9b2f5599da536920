import { describe, expect, it } from 'vitest';
import { seededRandom } from '@/core/maths/seededRandom';
import { mutated, mutatedText } from './mutate';

const DOC = { id: 'a', layers: [{ thickness: 0.03 }, { thickness: 0.02 }], name: 'Plan' };

describe('a mutation', () => {
  it('changes most values, leaves what it was given alone, and is the same for the same seed', () => {
    const before = structuredClone(DOC);
    const run = (seed: number): string[] => {
      const random = seededRandom(seed);
      return Array.from({ length: 200 }, () => JSON.stringify(mutated(DOC, random)) ?? 'nothing');
    };
    const found = run(1);
    expect(found.filter((text) => text !== JSON.stringify(DOC)).length).toBeGreaterThan(180);
    expect(new Set(found).size).toBeGreaterThan(50);
    expect(run(1)).toEqual(found);
    expect(DOC).toEqual(before);
  });

  it('of a text is a text, cut, changed, nested, noise or twice', () => {
    const random = seededRandom(2);
    const found = Array.from({ length: 100 }, () => mutatedText(JSON.stringify(DOC), random));
    expect(found.some((text) => text.startsWith('[['))).toBe(true);
    expect(found.some((text) => JSON.stringify(DOC).startsWith(text))).toBe(true);
  });
});
