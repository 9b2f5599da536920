import type { Range } from '../maths/range';
import { LITRE } from '../units/siFactors';
import type { Medium } from './medium';

/**
 * Pieces in a litre of media that are sold and counted by the piece: scrubbers placed side by side, balls of 3 to 5 cm and
 * rings of 15 mm as they fall (common practice, no source; rings by their size).
 */
const PIECES_PER_LITRE: Readonly<Record<string, Range>> = {
  scrubbers: { low: 4, likely: 5, high: 7 },
  balls: { low: 9, likely: 18, high: 40 },
  'rings-dense': { low: 190, likely: 230, high: 270 },
};

/**
 * How many pieces a volume of a medium is; null for a medium that nobody counts.
 *
 * @param volume as poured, m³
 * @example piecesInVolume(mediumById('scrubbers'), 2e-3) // { low: 8, likely: 10, high: 14 }
 */
export function piecesInVolume({ id }: Pick<Medium, 'id'>, volume: number): Range | null {
  const perLitre = PIECES_PER_LITRE[id];
  if (perLitre === undefined) return null;
  const litres = volume / LITRE;
  return {
    low: perLitre.low * litres,
    likely: perLitre.likely * litres,
    high: perLitre.high * litres,
  };
}

/**
 * How much a number of pieces of a medium is, poured, m³; null for a medium that nobody counts.
 *
 * @example volumeOfPieces(mediumById('scrubbers'), 10) // 2e-3
 */
export function volumeOfPieces({ id }: Pick<Medium, 'id'>, pieces: number): number | null {
  const perLitre = PIECES_PER_LITRE[id];
  return perLitre === undefined ? null : (pieces / perLitre.likely) * LITRE;
}
