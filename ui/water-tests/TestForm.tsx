'use client';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import { TEST_BOUNDS, type LogEntry, type TestScale } from '@/core/log/logEntry';
import { TANK_BOUNDS } from '@/core/tank/tank';
import type { Bounds } from '@/core/units/bounds';
import { toSi } from '@/core/units/unitTable';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import { ToggleField } from '../fields/ToggleField';
import { useLog } from '../log/useLog';
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

const NO_READINGS: Readonly<Record<Key, number | null>> = { ammonia: null, nitrite: null, nitrate: null };

interface Props {
  readonly filterId: string;
  readonly jobId: string | null;
  readonly onSaved: (entry: LogEntry) => void;
}

/** The readings of a test kit, by colour card or by number, as the kit counts. */
export function TestForm({ filterId, jobId, onSaved }: Props) {
  const words = useWords();
  const [scale, setScale] = useState<TestScale>('nitrogen');
  const [values, setValues] = useState(NO_READINGS);
  const [pH, setPH] = useState<number | null>(null);
  const [round, setRound] = useState(0);
  const { save, faults, busy } = useLog(filterId, jobId);
  const form = useRef<HTMLFormElement>(null);
  const empty = pH === null && Object.values(values).every((value) => value === null);
  return (
    <form
      ref={form}
      className={styles.form}
      onSubmit={(event) => {
        event.preventDefault();
        void save({ kind: 'test', ...values, pH, scale, note: '' }).then((entry) => {
          if (entry === null) return;
          setValues(NO_READINGS);
          setPH(null);
          setRound(round + 1);
          onSaved(entry);
        });
      }}
    >
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
          setValues(NO_READINGS);
          setRound(round + 1);
        }}
      />
      <Explanation of="As nitrogen (N)" line />
      {(['ammonia', 'nitrite', 'nitrate'] as const).map((key) => {
        const kind = KINDS[scale][key];
        return (
          <div key={`${key} ${scale} ${round}`} className={styles.value}>
            <QuantityField
              label={NAMES[scale][key]}
              bounds={{ ...TEST_BOUNDS[key], kind }}
              value={values[key]}
              onChange={(si) => setValues((before) => ({ ...before, [key]: si }))}
              optional
            />
            <div className={styles.card} role="group" aria-label={`${NAMES[scale][key]}: colour card`}>
              {STEPS[key].map((step) => (
                <button
                  key={step}
                  type="button"
                  aria-pressed={values[key] === toSi(step, words.unit(kind))}
                  onClick={() => setValues((before) => ({ ...before, [key]: toSi(step, words.unit(kind)) }))}
                >
                  {words.number(step)}
                </button>
              ))}
            </div>
          </div>
        );
      })}
      <div key={`pH ${round}`} className={styles.value}>
        <QuantityField label="pH" bounds={TANK_BOUNDS.pH} value={pH} onChange={setPH} optional />
      </div>
      {faults.map((fault) => (
        <p key={fault} role="alert">
          {fault}
        </p>
      ))}
      <Button type="submit" variant="contained" disabled={busy || empty}>
        Save reading
      </Button>
    </form>
  );
}
