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
  const [low, high] = [Math.max(1, Math.floor(pieces.low)), Math.ceil(pieces.high)];
  return low === high
    ? `about ${words.number(high, 0)} ${high === 1 ? 'piece' : 'pieces'}`
    : `about ${words.number(low, 0)} to ${words.number(high, 0)} pieces`;
}
