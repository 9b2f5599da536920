/**
 * The function, with its answer kept for as long as the object that was asked about: objects of the core never change,
 * so that the same object has the same answer.
 *
 * @example rememberedFor(({ side }) => side ** 3)({ side: 2 }) // 8
 */
export function rememberedFor<K extends object, T>(answer: (about: K) => T): (about: K) => T {
  const known = new WeakMap<K, { readonly answer: T }>();
  return (about) => {
    const found = known.get(about);
    if (found !== undefined) return found.answer;
    const fresh = answer(about);
    known.set(about, { answer: fresh });
    return fresh;
  };
}
