'use client';
import { USUAL_WATER_CHANGE } from '@/core/practice/usualWaterChange';
import { Controller } from 'react-hook-form';
import { ADDITIONS, type Addition } from '@/core/tank/additions';
import { TEST_BOUNDS, type LogEntry } from '@/core/log/logEntry';
import { ChoiceField } from '../fields/ChoiceField';
import { QuantityField } from '../fields/QuantityField';
import { CollapsibleSection } from '../frame/CollapsibleSection';
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
      <ChangeForm {...props} />
      <AdditionForm {...props} />
      <CloudyForm {...props} />
    </div>
  );
}

const FIRST_CHANGE: { share: number | null; dechlorinated: 'yes' | 'no' } = {
  share: USUAL_WATER_CHANGE,
  dechlorinated: 'yes',
};

/** A water change of just now. */
export function ChangeForm({ filterId, jobId, onSaved }: Props) {
  return (
    <CollapsibleSection title="Water change" says="log one you have just done">
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
    </CollapsibleSection>
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
