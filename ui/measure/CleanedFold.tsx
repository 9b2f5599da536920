'use client';
import { FILTER_BOUNDS } from '@/core/filter/filterBounds';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import type { FilterPart } from './filterPart';
import styles from './filterPart.module.css';

/** Whether a filter takes the dirt for the others of its tank: it is cleaned by its days, and they stay shut. */
export function CleanedFold({ filter, onChange }: FilterPart) {
  const words = useWords();
  const { cleanedEvery } = filter;
  return (
    <CollapsibleSection
      title="Cleaned often, to spare other filters"
      says={
        cleanedEvery === null
          ? 'no, cleaned when it is due'
          : `cleaned every ${words.number(cleanedEvery, 0)} days, whatever its flow`
      }
    >
      <p>
        If you clean a filter that is quick to open every week or two, the other filters on the tank can stay
        closed for longer.
      </p>
      <QuantityField
        label="Days between cleanings"
        optional
        bounds={FILTER_BOUNDS.cleanedEvery}
        value={cleanedEvery}
        onChange={(value) => onChange({ cleanedEvery: value })}
        className={styles.wide}
      />
    </CollapsibleSection>
  );
}
