import { describe, expect, it } from 'vitest';
import { rememberedFor } from './rememberedFor';

describe('rememberedFor', () => {
  it('works an answer out once for each object, null and undefined too', () => {
    let asked = 0;
    const double = rememberedFor(({ value }: { readonly value: number | null }) => {
      asked += 1;
      return value === null ? undefined : 2 * value;
    });
    const [three, none] = [{ value: 3 }, { value: null }];
    expect([double(three), double(three), double(none), double(none)]).toEqual([6, 6, undefined, undefined]);
    expect(asked).toBe(2);
    expect(double({ value: 3 })).toBe(6);
    expect(asked).toBe(3);
  });
});
