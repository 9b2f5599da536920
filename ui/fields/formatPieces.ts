import { piecesInVolume } from '@/core/media/piecesInVolume';
import type { Medium } from '@/core/media/medium';
import type { Words } from './wordsFor';

/**
 * How many pieces a volume of a medium is, in words; null for a medium that nobody counts.
 *
 * @param volume as poured, m³
 * @example formatPieces(words, mediumById('scrubbers'), 2e-3) // 'about 8 to 14 pieces'
 */
export function formatPieces(words: Words, medium: Pick<Medium, 'id'>, volume: number): string | null {
  const pieces = piecesInVolume(medium, volume);
  if (pieces === null || pieces.high < 1) return null;
  const [low, high] = [Math.max(1, roughly(pieces.low, Math.floor)), roughly(pieces.high, Math.ceil)];
  return low === high
    ? `about ${words.number(high, 0)} ${high === 1 ? 'piece' : 'pieces'}`
    : `about ${words.number(low, 0)} to ${words.number(high, 0)} pieces`;
}

/** A hundred and more by tens: nobody counts them one by one. */
const roughly = (pieces: number, rounded: (value: number) => number): number =>
  pieces < 100 ? rounded(pieces) : 10 * rounded(pieces / 10);
