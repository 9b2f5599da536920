'use client';
import { piecesInVolume } from '@/core/media/piecesInVolume';
import type { Medium } from '@/core/media/medium';
import { CountField } from './CountField';

interface Props {
  readonly medium: Pick<Medium, 'id'>;
  /** What there is now and what there may be, as poured, m³. */
  readonly volume: number;
  readonly most: number;
  readonly onPieces: (pieces: number) => void;
}

/** How many pieces a volume is, to be typed instead of the volume; nothing for a medium that nobody counts. */
export function PiecesField({ medium, volume, most, onPieces }: Props) {
  const [pieces, limit] = [piecesInVolume(medium, volume), piecesInVolume(medium, most)];
  if (pieces === null || limit === null) return null;
  return (
    <CountField
      label="Pieces, about"
      value={Math.round(pieces.likely)}
      min={1}
      max={Math.floor(limit.likely)}
      onChange={(count) => count !== null && onPieces(count)}
    />
  );
}
