/** Most lists and objects within each other: our own files have ten. */
const MOST_LEVELS = 64;

/**
 * Whether a text of JSON nests deeper than any of our files: found by reading it once, before anything is made of it, since
 * what checks values by their schema takes ever longer the deeper they lie.
 *
 * @example isTooDeep('[{"a": 1}]') // false
 */
export function isTooDeep(json: string): boolean {
  let levels = 0;
  let inText = false;
  for (let at = 0; at < json.length; at += 1) {
    const sign = json[at];
    if (inText) {
      if (sign === '\\') at += 1;
      else if (sign === '"') inText = false;
    } else if (sign === '"') inText = true;
    else if (sign === '[' || sign === '{') {
      levels += 1;
      if (levels > MOST_LEVELS) return true;
    } else if (sign === ']' || sign === '}') levels -= 1;
  }
  return false;
}
