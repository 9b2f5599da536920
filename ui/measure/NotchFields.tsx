'use client';
import type { Spill } from '@/core/filter/spill';
import { SPILL_BOUNDS } from '@/core/filter/spillBounds';
import { ChoiceField } from '../fields/ChoiceField';
import { QuantityField } from '../fields/QuantityField';
import styles from './filterPart.module.css';

/** A notch to begin with: the width of a finger, a little over the lip, m. */
const FIRST_NOTCH = { aboveLip: 0.01, width: 0.03 };

/** The way past the pack inside a hang-on-back: a relief notch, or an open edge. */
export function NotchFields({ spill, onChange }: { spill: Spill; onChange: (spill: Spill) => void }) {
  const { notch } = spill;
  return (
    <>
      <ChoiceField
        label="Overflow past the media"
        value={notch === null ? 'none' : 'notch'}
        choices={[
          { value: 'none', label: 'none' },
          { value: 'notch', label: 'a notch or open edge' },
        ]}
        onChange={(value) => onChange({ ...spill, notch: value === 'none' ? null : FIRST_NOTCH })}
      />
      {notch === null ? null : (
        <>
          <QuantityField
            label="Notch above lip"
            bounds={SPILL_BOUNDS.notchHeight}
            value={notch.aboveLip}
            onChange={(si) => si !== null && onChange({ ...spill, notch: { ...notch, aboveLip: si } })}
            className={styles.field}
          />
          <QuantityField
            label="Width of the notch"
            bounds={SPILL_BOUNDS.notchWidth}
            value={notch.width}
            onChange={(si) => si !== null && onChange({ ...spill, notch: { ...notch, width: si } })}
            className={styles.field}
          />
        </>
      )}
    </>
  );
}
