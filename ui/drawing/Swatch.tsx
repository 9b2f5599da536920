'use client';
import { useId } from 'react';
import type { Medium } from '@/core/media/medium';
import { MediumPattern, patternFill } from './MediumPattern';

/** Pixels per metre of a swatch: small enough that several grains show. */
const SWATCH_SCALE = 1500;

/** A small cut of a medium's texture with its letter. */
export function Swatch({
  medium,
  width = 40,
  height = 28,
}: {
  medium: Medium;
  width?: number;
  height?: number;
}) {
  const prefix = useId();
  return (
    <svg width={width} height={height} aria-hidden="true" style={{ display: 'block', flex: 'none' }}>
      <MediumPattern prefix={prefix} medium={medium} scale={SWATCH_SCALE} />
      <rect
        x={0.5}
        y={0.5}
        width={width - 1}
        height={height - 1}
        fill={patternFill(prefix, medium)}
        stroke="var(--ink)"
      />
      <LetterMark letter={medium.letter} x={4} y={4} />
    </svg>
  );
}

/** The letter of a medium on its little plate. */
export function LetterMark({ letter, x, y }: { letter: string; x: number; y: number }) {
  const width = letter.length > 1 ? 25 : 17;
  return (
    <g transform={`translate(${x} ${y})`}>
      <rect width={width} height={17} fill="var(--sheet)" stroke="var(--ink)" />
      <text x={width / 2} y={13} textAnchor="middle" fontSize={12.5} fontWeight={700} fill="var(--ink)">
        {letter}
      </text>
    </g>
  );
}
