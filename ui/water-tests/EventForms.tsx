'use client';
import { USUAL_WATER_CHANGE } from '@/core/practice/usualWaterChange';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { ADDITIONS, type Addition } from '@/core/tank/additions';
import { TEST_BOUNDS, type LogEntry } from '@/core/log/logEntry';
import { ChoiceField } from '../fields/ChoiceField';
import { QuantityField } from '../fields/QuantityField';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { useLog } from '../log/useLog';
import styles from './WaterTestsPage.module.css';

interface Props {
  readonly filterId: string;
  readonly jobId: string | null;
  readonly onSaved: (entry: LogEntry) => void;
}

const ADDITION_WORDS: Readonly<Record<Addition, string>> = {
  'new wood': 'new wood',
  medicine: 'medicine',
  'starter culture': 'starter bacteria from a bottle',
  'sludge digester': 'sludge digester from a bottle',
};

/** What else happens to the water: changes, wood, medicine and bottles, and that it turns cloudy. */
export function EventForms(props: Props) {
  return (
    <div>
      <ChangeForm {...props} />
      <AdditionForm {...props} />
      <CloudyForm {...props} />
    </div>
  );
}

/** What keeps a form from being saved, a line each. */
export function Faults({ faults }: { faults: readonly string[] }) {
  return faults.map((fault) => (
    <p key={fault} role="alert">
      {fault}
    </p>
  ));
}

/** A water change of just now. */
export function ChangeForm({ filterId, jobId, onSaved }: Props) {
  const { save, faults, busy } = useLog(filterId, jobId);
  const [share, setShare] = useState(USUAL_WATER_CHANGE);
  const [dechlorinated, setDechlorinated] = useState<'yes' | 'no'>('yes');
  return (
    <CollapsibleSection title="Water change" says="log one you have just done">
      <div className={styles.small}>
        <QuantityField
          label="Water changed"
          bounds={TEST_BOUNDS.share}
          value={share}
          onChange={(si) => si !== null && setShare(si)}
        />
        <ChoiceField<'yes' | 'no'>
          label="Dechlorinator used"
          value={dechlorinated}
          choices={[
            { value: 'yes', label: 'yes' },
            { value: 'no', label: 'no, not needed here' },
          ]}
          onChange={setDechlorinated}
        />
        <Button
          disabled={busy}
          onClick={() =>
            void save({
              kind: 'water change',
              share,
              dechlorinated: dechlorinated === 'yes',
              note: '',
            }).then((entry) => entry !== null && onSaved(entry))
          }
        >
          Save water change
        </Button>
      </div>
      <Faults faults={faults} />
    </CollapsibleSection>
  );
}

function AdditionForm({ filterId, jobId, onSaved }: Props) {
  const { save, faults, busy } = useLog(filterId, jobId);
  const [what, setWhat] = useState<Addition>('new wood');
  return (
    <CollapsibleSection title="Added wood, medicine or a product" says="log what you have just added">
      <div className={styles.small}>
        <ChoiceField<Addition>
          label="What you added"
          value={what}
          choices={ADDITIONS.map((value) => ({ value, label: ADDITION_WORDS[value] }))}
          onChange={setWhat}
        />
        <Button
          disabled={busy}
          onClick={() =>
            void save({ kind: 'addition', what, note: '' }).then((entry) => entry !== null && onSaved(entry))
          }
        >
          Save
        </Button>
      </div>
      <p className="quiet">
        Bottled bacteria are logged, but do not change the prediction. New wood and medicine use carbon up
        sooner. Carbon removes medicine, so take the carbon out first.
      </p>
      <Faults faults={faults} />
    </CollapsibleSection>
  );
}

function CloudyForm({ filterId, jobId, onSaved }: Props) {
  const { save, faults, busy } = useLog(filterId, jobId);
  const [rinsed, setRinsed] = useState<'yes' | 'no' | 'not known'>('not known');
  return (
    <CollapsibleSection title="The water is cloudy" says="dust or bloom?">
      <div className={styles.small}>
        <ChoiceField<'yes' | 'no' | 'not known'>
          label="New media rinsed until clear"
          value={rinsed}
          choices={[
            { value: 'yes', label: 'yes' },
            { value: 'no', label: 'no' },
            { value: 'not known', label: 'not known' },
          ]}
          onChange={setRinsed}
        />
        <Button
          disabled={busy}
          onClick={() =>
            void save({ kind: 'cloudy', rinsed, note: '' }).then((entry) => entry !== null && onSaved(entry))
          }
        >
          Find the cause
        </Button>
      </div>
      <Faults faults={faults} />
    </CollapsibleSection>
  );
}
