'use client';
import { FILTER_BOUNDS } from '@/core/filter/filter';
import { useWords } from '../fields/Habits';
import { QuantityField } from '../fields/QuantityField';
import { Fold } from '../frame/Fold';
import type { FilterPart } from './filterPart';
import styles from './filterPart.module.css';

/** Whether a filter takes the dirt for the others of its tank: it is cleaned by its days, and they stay shut. */
export function CleanedFold({ filter, onChange }: FilterPart) {
  const words = useWords();
  const { cleanedEvery } = filter;
  return (
    <Fold
      title="Takes the dirt for others"
      says={
        cleanedEvery === null
          ? 'no: cleaned when it is due'
          : `cleaned every ${words.number(cleanedEvery, 0)} days, whatever its flow`
      }
    >
      <p>
        A filter that is quick to open can take the dirt every week or two: the other filters of the tank then
        stay shut for longer, with their biological media.
      </p>
      <QuantityField
        label="Days between two cleanings"
        optional
        bounds={FILTER_BOUNDS.cleanedEvery}
        value={cleanedEvery}
        onChange={(value) => onChange({ cleanedEvery: value })}
        className={styles.wide}
      />
    </Fold>
  );
}
