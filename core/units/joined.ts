/**
 * A list in words: commas, and "and" before the last.
 *
 * @example joined(['seal', 'clips', 'lid']) // 'seal, clips and lid'
 */
export const joined = (items: readonly string[]): string =>
  items.length < 2 ? items.join('') : `${items.slice(0, -1).join(', ')} and ${items.at(-1) ?? ''}`;
