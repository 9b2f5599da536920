'use client';
import type { ComponentProps } from 'react';
import { mediumOf, type MadeOf } from '@/core/layers/mediumOf';
import type { Sentence } from '@/core/units/sentence';
import { Swatch } from '../drawing/Swatch';
import { useWords } from '../fields/UnitsProvider';
import styles from './MediumChip.module.css';

interface Props extends Omit<ComponentProps<'button'>, 'children'> {
  /** Enter takes it. */
  readonly 'data-highlighted'?: boolean;
  readonly made: MadeOf;
  /** What of it lies on the shelf; null: none. */
  readonly stock?: Sentence | null;
}

/** A medium to take from: a cut of its texture and its name. */
export function MediumChip({ made, stock = null, className, ...button }: Props) {
  const words = useWords();
  const medium = mediumOf(made);
  return (
    <button
      type="button"
      {...button}
      className={`${styles.chip} ${className ?? ''}`}
      aria-label={`Add ${medium.name}`}
    >
      <Swatch medium={medium} />
      <span>
        {medium.name}
        {stock === null ? null : <span className={styles.stock}>{words.say(stock)}</span>}
      </span>
    </button>
  );
}
