/** Most lists and objects within each other: our own files have ten. */
const MOST_LEVELS = 64;

const code = (sign: string): number => sign.charCodeAt(0);
const [QUOTE, BACKSLASH] = [code('"'), code('\\')];
const OPENING = new Set([code('['), code('{')]);
const CLOSING = new Set([code(']'), code('}')]);

/**
 * Tells whether JSON nests deeper than any of our files, while it comes in: found by reading it once, before anything is made
 * of it, since what checks values by their schema takes ever longer the deeper they lie.
 *
 * @returns is given one piece after the other, text or UTF-8, and says whether it has become too deep
 * @example nestingGauge()('[{"a": 1}]') // false
 */
export function nestingGauge(): (piece: string | Uint8Array) => boolean {
  let levels = 0;
  let isInText = false;
  let isEscaped = false;
  let most = 0;
  return (piece) => {
    for (let at = 0; at < piece.length; at += 1) {
      // What is not a sign of JSON’s own never looks like one in UTF-8 either.
      const sign = typeof piece === 'string' ? piece.charCodeAt(at) : (piece[at] as number);
      if (isEscaped) isEscaped = false;
      else if (isInText) {
        if (sign === BACKSLASH) isEscaped = true;
        else if (sign === QUOTE) isInText = false;
      } else if (sign === QUOTE) isInText = true;
      else if (OPENING.has(sign)) {
        levels += 1;
        most = Math.max(most, levels);
      } else if (CLOSING.has(sign)) levels -= 1;
    }
    return most > MOST_LEVELS;
  };
}
