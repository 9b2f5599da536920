/** Facts of each filter that were worked out last, with what they were worked out from. */
const known = new Map<string, { readonly from: readonly unknown[]; readonly facts: unknown }>();
/** Most filters that are remembered. */
const MAX_REMEMBERED = 2000;

/**
 * What is worked out of a filter, once for as long as all that it is worked out from is the very same: documents read
 * from the same row are the same object.
 *
 * @param key of the filter and of what is worked out
 * @param from everything that the answer hangs on
 */
export function rememberedFacts<T>(key: string, from: readonly unknown[], workOut: () => T): T {
  const found = known.get(key);
  if (found !== undefined && same(found.from, from)) return found.facts as T;
  const facts = workOut();
  if (known.size >= MAX_REMEMBERED) known.clear();
  known.set(key, { from, facts });
  return facts;
}

const same = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((value, index) => Object.is(value, b[index]));
