/** Values that programs stumble over. */
const ODD: readonly unknown[] = [
  ...[
    null,
    true,
    '',
    ' ',
    '\u0000',
    '0',
    'NaN',
    '１２',
    '-',
    '=1+1',
    "'; DROP TABLE tank; --",
    '<script>1</script>',
  ],
  ...['../../etc/passwd', '\ud800', '😀'.repeat(50), 'x'.repeat(100_000), '9999-99-99T99:99:99Z'],
  ...[0, -0, -1, 1, 0.1, 1e-308, 1e308, 2 ** 53, -(2 ** 31), 1e21],
  ...[[], {}, [[[[]]]], [null], { __proto__: null, constructor: 1 }, { length: 1e9 }],
];

/** One of a list. @param random 0–1 */
export const oneOf = <T>(list: readonly T[], random: () => number): T =>
  list[Math.floor(random() * list.length)] as T;

/** Every place within a value, as the keys that lead to it. */
function placesIn(value: unknown, at: readonly string[] = []): (readonly string[])[] {
  if (typeof value !== 'object' || value === null) return [at];
  return [at, ...Object.entries(value).flatMap(([key, inner]) => placesIn(inner, [...at, key]))];
}

/** The same value with the one at a place replaced; undefined leaves it out. */
function replaced(value: unknown, [key, ...rest]: readonly string[], by: unknown): unknown {
  if (key === undefined) return by;
  if (Array.isArray(value))
    return value.flatMap((item: unknown, index) => {
      if (String(index) !== key) return [item];
      const next = replaced(item, rest, by);
      return next === undefined ? [] : [next];
    });
  return { ...(value as object), [key]: replaced((value as Record<string, unknown>)[key], rest, by) };
}

/** A value with one to three places in it left out, repeated or replaced by what programs stumble over. */
export function mutated(value: unknown, random: () => number): unknown {
  let changed = value;
  for (let times = 1 + Math.floor(random() * 3); times > 0; times -= 1) {
    const place = oneOf(placesIn(changed), random);
    changed = replaced(changed, place, random() < 0.2 ? undefined : oneOf(ODD, random));
  }
  return changed;
}

/** Text as it is, cut short, with a sign replaced, or something else altogether. */
export function mutatedText(text: string, random: () => number): string {
  const at = Math.floor(random() * text.length);
  switch (Math.floor(random() * 5)) {
    case 0:
      return text.slice(0, at);
    case 1:
      return text.slice(0, at) + String.fromCharCode(Math.floor(random() * 65_536)) + text.slice(at + 1);
    case 2:
      return '['.repeat(1 + Math.floor(random() * 100_000));
    case 3:
      return Array.from({ length: 1 + Math.floor(random() * 500) }, () =>
        String.fromCharCode(Math.floor(random() * 256)),
      ).join('');
    default:
      return text + text;
  }
}
