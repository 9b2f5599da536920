'use client';
import { Controller } from 'react-hook-form';
import { USUAL_WATER_CHANGE } from '@/core/practice/usualWaterChange';
import { TEST_BOUNDS } from '@/core/log/logBounds';
import type { LogEntry } from '@/core/log/logEntry';
import { ChoiceField } from '../fields/ChoiceField';
import { QuantityField } from '../fields/QuantityField';
import { LogForm } from '../log/LogForm';
import styles from './WaterTestsPage.module.css';

interface Props {
  readonly filterId: string;
  readonly jobId: string | null;
  readonly onSaved: (entry: LogEntry) => void;
}

const FIRST_CHANGE: { share: number | null; dechlorinated: 'yes' | 'no' } = {
  share: USUAL_WATER_CHANGE,
  dechlorinated: 'yes',
};

/** A water change of just now. */
export function ChangeForm({ filterId, jobId, onSaved }: Props) {
  return (
    <LogForm
      {...{ filterId, jobId, onSaved }}
      className={styles.small}
      first={FIRST_CHANGE}
      isReady={({ share }) => share !== null}
      entryOf={({ share, dechlorinated }) => ({
        kind: 'water change',
        share: share ?? USUAL_WATER_CHANGE,
        dechlorinated: dechlorinated === 'yes',
        note: '',
      })}
      button="Save water change"
    >
      {({ control }) => (
        <>
          <Controller
            control={control}
            name="share"
            render={({ field: { value, onChange } }) => (
              <QuantityField
                label="Water changed"
                bounds={TEST_BOUNDS.share}
                value={value}
                onChange={(si) => si !== null && onChange(si)}
              />
            )}
          />
          <Controller
            control={control}
            name="dechlorinated"
            render={({ field: { value, onChange } }) => (
              <ChoiceField<'yes' | 'no'>
                label="Dechlorinator used"
                value={value}
                choices={[
                  { value: 'yes', label: 'yes' },
                  { value: 'no', label: 'no, not needed here' },
                ]}
                onChange={onChange}
              />
            )}
          />
        </>
      )}
    </LogForm>
  );
}
