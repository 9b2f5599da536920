'use client';
import type { ComponentProps } from 'react';
import { mediumOf, type MadeOf } from '@/core/layers/mediumOf';
import { Swatch } from '../drawing/Swatch';
import styles from './MediumChip.module.css';

interface Props extends Omit<ComponentProps<'button'>, 'children'> {
  readonly made: MadeOf;
}

/** A medium to take from: a cut of its texture and its name. */
export function MediumChip({ made, className, ...button }: Props) {
  const medium = mediumOf(made);
  return (
    <button
      type="button"
      {...button}
      className={`${styles.chip} ${className ?? ''}`}
      aria-label={`Add ${medium.name}`}
    >
      <Swatch medium={medium} />
      <span>{medium.name}</span>
    </button>
  );
}
