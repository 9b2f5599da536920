'use client';
import type { Quantity as QuantityValue } from '@/core/units/quantity';
import { useWords } from './UnitsProvider';
import styles from './Quantity.module.css';

/** A number set large with its unit small beside it. */
export function Quantity({ value, digits }: { value: QuantityValue; digits?: number }) {
  const { number, unit } = useWords().parts(value, digits);
  return (
    <span className={styles.quantity}>
      <span className={styles.number}>{number}</span>
      {unit === '' ? null : <span className={styles.unit}>&nbsp;{unit}</span>}
    </span>
  );
}
