'use client';
import { Controller } from 'react-hook-form';
import { ADDITIONS, type Addition } from '@/core/tank/additions';
import type { LogEntry } from '@/core/log/logEntry';
import { ChoiceField } from '../fields/ChoiceField';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import { ChangeForm } from './ChangeForm';
import { LogForm } from '../log/LogForm';
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
      <CollapsibleSection title="Water change" says="log one you have just done">
        <ChangeForm {...props} />
      </CollapsibleSection>
      <AdditionForm {...props} />
      <CloudyForm {...props} />
    </div>
  );
}

const FIRST_ADDITION: { what: Addition } = { what: 'new wood' };

function AdditionForm({ filterId, jobId, onSaved }: Props) {
  return (
    <CollapsibleSection title="Added wood, medicine or a product" says="log what you have just added">
      <LogForm
        {...{ filterId, jobId, onSaved }}
        className={styles.small}
        first={FIRST_ADDITION}
        entryOf={({ what }) => ({ kind: 'addition', what, note: '' })}
        button="Save"
      >
        {({ control }) => (
          <Controller
            control={control}
            name="what"
            render={({ field: { value, onChange } }) => (
              <ChoiceField<Addition>
                label="What you added"
                value={value}
                choices={ADDITIONS.map((addition) => ({ value: addition, label: ADDITION_WORDS[addition] }))}
                onChange={onChange}
              />
            )}
          />
        )}
      </LogForm>
      <p className="quiet">
        Bottled bacteria are logged, but do not change the prediction. New wood and medicine use carbon up
        sooner. Carbon removes medicine, so take the carbon out first.
      </p>
    </CollapsibleSection>
  );
}

type Rinsed = 'yes' | 'no' | 'not known';
const FIRST_CLOUD: { rinsed: Rinsed } = { rinsed: 'not known' };

function CloudyForm({ filterId, jobId, onSaved }: Props) {
  return (
    <CollapsibleSection title="The water is cloudy" says="dust or bloom?">
      <LogForm
        {...{ filterId, jobId, onSaved }}
        className={styles.small}
        first={FIRST_CLOUD}
        entryOf={({ rinsed }) => ({ kind: 'cloudy', rinsed, note: '' })}
        button="Find the cause"
      >
        {({ control }) => (
          <Controller
            control={control}
            name="rinsed"
            render={({ field: { value, onChange } }) => (
              <ChoiceField<Rinsed>
                label="New media rinsed until clear"
                value={value}
                choices={[
                  { value: 'yes', label: 'yes' },
                  { value: 'no', label: 'no' },
                  { value: 'not known', label: 'not known' },
                ]}
                onChange={onChange}
              />
            )}
          />
        )}
      </LogForm>
    </CollapsibleSection>
  );
}
