'use client';
import { useId } from 'react';
import type { PlannedSheet } from '@/core/cut/cutPlan';
import { outlinePath } from '@/core/prepare/templates';
import type { Medium } from '@/core/media/medium';
import { useWords } from '../fields/UnitsProvider';
import { MediumPattern, patternFill } from '../drawing/MediumPattern';
import styles from './Prepare.module.css';

/** Pixels that the longest side of a sheet takes, and what a millimetre is drawn as at that. */
const MAX_SIDE_PX = 330;
const MM = 1000;
/** Px below which a piece has no room for words in it. */
const ROOM_FOR_WORDS = 34;

interface Props {
  readonly sheet: PlannedSheet;
  readonly medium: Medium;
  /** Sides of the largest sheet drawn beside it, m: all are to one scale. */
  readonly largest: number;
  /** Prefix of a piece’s label where several filters are cut from one sheet. */
  readonly labelOf: (layerNumber: number, filterName: string) => string;
}

/** A sheet to scale with the pieces on it, each labelled by its layer, and the off-cuts that are kept. */
export function SheetDrawing({ sheet, medium, largest, labelOf }: Props) {
  const words = useWords();
  const prefix = useId();
  const scale = MAX_SIDE_PX / (largest * MM);
  const [width, height] = [sheet.length * MM * scale, sheet.width * MM * scale];
  const size = (length: number, across: number): string =>
    `${words.parts({ kind: 'length', si: length }).number} × ${words.show({ kind: 'length', si: across })}`;
  return (
    <svg
      className={styles.drawing}
      width={width + 2}
      height={height + 2}
      viewBox={`-1 -1 ${width + 2} ${height + 2}`}
      role="img"
      aria-label={`Sheet of ${size(sheet.length, sheet.width)}: ${sheet.placed.map(({ piece }) => `${labelOf(piece.layerNumber, piece.filterName)} ${piece.part}`.trim()).join(', ')}`}
    >
      <defs>
        <MediumPattern prefix={prefix} medium={medium} scale={scale * MM} />
      </defs>
      <rect width={width} height={height} className={styles.blank} />
      {sheet.offcuts.map(({ x, y, length, width: across }) => (
        <g key={`${x}-${y}`} transform={`translate(${x * MM * scale} ${y * MM * scale})`}>
          <rect width={length * MM * scale} height={across * MM * scale} className={styles.offcut} />
          {length * MM * scale > 3 * ROOM_FOR_WORDS && across * MM * scale > ROOM_FOR_WORDS ? (
            <text
              x={(length * MM * scale) / 2}
              y={(across * MM * scale) / 2 + 4}
              textAnchor="middle"
              className={styles.offcutText}
            >
              keep {size(length, across)}
            </text>
          ) : null}
        </g>
      ))}
      {sheet.placed.map(({ id, x, y, length, width: across, turned, piece }) => {
        const [w, h] = (turned ? [across, length] : [length, across]).map((side) => side * MM * scale) as [
          number,
          number,
        ];
        // Beside the hole of a disc, not in it.
        const middle = piece.outline.form === 'disc' && piece.outline.bore > 0 ? h * 0.3 : h / 2;
        return (
          <g key={id} transform={`translate(${x * MM * scale} ${y * MM * scale})`}>
            <path
              d={outlinePath(piece.outline)}
              transform={`scale(${scale})${turned ? ` translate(${across * MM} 0) rotate(90)` : ''}`}
              fill={patternFill(prefix, medium)}
              fillRule="evenodd"
              className={styles.piece}
            />
            <rect x={w / 2 - 13} y={middle - 14} width={26} height={20} className={styles.plate} />
            <text x={w / 2} y={middle + 2} textAnchor="middle" className={styles.pieceText}>
              {labelOf(piece.layerNumber, piece.filterName)}
            </text>
            {w > 2.4 * ROOM_FOR_WORDS && h > 1.6 * ROOM_FOR_WORDS ? (
              <text
                x={w / 2}
                y={h - middle + 22 - (middle < h / 2 ? 12 : 0)}
                textAnchor="middle"
                className={styles.pieceSize}
              >
                {piece.outline.form === 'disc'
                  ? `${words.show({ kind: 'length', si: length })} across`
                  : size(length, across)}
              </text>
            ) : null}
          </g>
        );
      })}
    </svg>
  );
}
