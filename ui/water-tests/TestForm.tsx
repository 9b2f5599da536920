'use client';
import { useState } from 'react';
import { Controller } from 'react-hook-form';
import { TEST_BOUNDS } from '@/core/log/logBounds';
import type { LogEntry, TestScale } from '@/core/log/logEntry';
import { TANK_BOUNDS } from '@/core/tank/tankBounds';
import type { Bounds } from '@/core/units/bounds';
import { toSi } from '@/core/units/unitTable';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import { ToggleField } from '../fields/ToggleField';
import { LogForm } from '../log/LogForm';
import styles from './WaterTestsPage.module.css';
import { Explanation } from '../frame/Explanation';

type Key = 'ammonia' | 'nitrite' | 'nitrate';

/** What each value is read as, by how the kit counts. */
const KINDS: Readonly<Record<TestScale, Readonly<Record<Key, Bounds['kind']>>>> = {
  nitrogen: { ammonia: 'concentration', nitrite: 'concentration', nitrate: 'concentration' },
  ion: { ammonia: 'ammonium', nitrite: 'nitriteIon', nitrate: 'nitrate' },
};
const NAMES: Readonly<Record<TestScale, Readonly<Record<Key, string>>>> = {
  nitrogen: { ammonia: 'Ammonia as N', nitrite: 'Nitrite as N', nitrate: 'Nitrate as N' },
  ion: { ammonia: 'Ammonia as NH₄', nitrite: 'Nitrite as NO₂', nitrate: 'Nitrate as NO₃' },
};
/** The steps of usual colour cards, mg/L as the card counts (common practice, no source). */
const STEPS: Readonly<Record<Key, readonly number[]>> = {
  ammonia: [0, 0.25, 0.5, 1, 2, 4],
  nitrite: [0, 0.25, 0.5, 1, 2, 5],
  nitrate: [0, 5, 10, 20, 40, 80],
};

interface Props {
  readonly filterId: string;
  readonly jobId: string | null;
  readonly onSaved: (entry: LogEntry) => void;
  /** Where the button that saves lies once a value is entered. */
  readonly saveIn: HTMLElement | null;
}

interface TestValues {
  readonly scale: TestScale;
  readonly ammonia: number | null;
  readonly nitrite: number | null;
  readonly nitrate: number | null;
  readonly pH: number | null;
}
const FIRST_TEST: TestValues = { scale: 'nitrogen', ammonia: null, nitrite: null, nitrate: null, pH: null };

/** The readings of a test kit, by colour card or by number, as the kit counts. */
export function TestForm({ filterId, jobId, onSaved, saveIn }: Props) {
  const words = useWords();
  /** How this kit counts: the next test is of the same. */
  const [scale, setScale] = useState<TestScale>('nitrogen');
  return (
    <LogForm
      {...{ filterId, jobId, onSaved, saveIn }}
      className={styles.form}
      first={{ ...FIRST_TEST, scale }}
      isReady={({ ammonia, nitrite, nitrate, pH }) =>
        [ammonia, nitrite, nitrate, pH].some((value) => value !== null)
      }
      entryOf={(values) => ({ kind: 'test', ...values, note: '' })}
      button="Save reading"
    >
      {({ control, reset }) => (
        <>
          <ToggleField<TestScale>
            label="Your test kit measures"
            options={[
              { value: 'nitrogen', label: 'nitrogen (NH₃-N, NO₂-N, NO₃-N)' },
              { value: 'ion', label: 'the whole ion (NH₄, NO₂, NO₃)' },
            ]}
            value={scale}
            onChange={(next) => {
              if (next === null) return;
              setScale(next);
              // What was typed was read off a card that counts otherwise.
              reset({ ...FIRST_TEST, scale: next });
            }}
          />
          <Explanation of="As nitrogen (N)" line />
          {(['ammonia', 'nitrite', 'nitrate'] as const).map((key) => {
            const kind = KINDS[scale][key];
            return (
              <Controller
                key={`${key} ${scale}`}
                control={control}
                name={key}
                render={({ field: { value, onChange } }) => (
                  <div className={styles.value}>
                    <QuantityField
                      label={NAMES[scale][key]}
                      bounds={{ ...TEST_BOUNDS[key], kind }}
                      value={value}
                      onChange={onChange}
                      optional
                    />
                    <div
                      className={styles.card}
                      role="group"
                      aria-label={`${NAMES[scale][key]}: colour card`}
                    >
                      {STEPS[key].map((step) => (
                        <button
                          key={step}
                          type="button"
                          aria-pressed={value === toSi(step, words.unit(kind))}
                          onClick={() => onChange(toSi(step, words.unit(kind)))}
                        >
                          {words.number(step)}
                        </button>
                      ))}
                    </div>
                  </div>
                )}
              />
            );
          })}
          <Controller
            control={control}
            name="pH"
            render={({ field: { value, onChange } }) => (
              <div className={styles.value}>
                <QuantityField
                  label="pH"
                  bounds={TANK_BOUNDS.pH}
                  value={value}
                  onChange={onChange}
                  optional
                />
              </div>
            )}
          />
        </>
      )}
    </LogForm>
  );
}
