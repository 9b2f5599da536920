'use client';
import type { Filter } from '@/core/filter/filter';
import { PART_STATES, type Job, type PartState } from '@/core/job/job';
import { smallParts } from '@/core/job/smallParts';
import { ToggleField } from '../fields/ToggleField';
import { Fold } from '../frame/Fold';
import type { Autosave } from '../state/useAutosave';
import styles from './PartsList.module.css';

/** The small parts to look at while it is open, each with what its fault brings. */
export function PartsList({ filter, job }: { filter: Filter; job: Autosave<Job> }) {
  const checks = smallParts(filter, job.doc.occasion);
  const { parts } = job.doc;
  const seen = checks.filter(({ part }) => parts[part] !== undefined).length;
  const bad = checks.filter(({ part }) => parts[part] === 'worn' || parts[part] === 'missing');
  const set = (part: (typeof checks)[number]['part'], state: PartState | null) =>
    job.change((doc) => {
      const { [part]: before, ...others } = doc.parts;
      void before;
      return { ...doc, parts: state === null ? others : { ...doc.parts, [part]: state } };
    });
  return (
    <Fold
      title="Small parts"
      says={`${seen} of ${checks.length} looked at${bad.length === 0 ? '' : `; ${bad.map(({ name }) => name.toLowerCase()).join(', ')}`}`}
      attention={bad.length > 0}
    >
      <ul className={styles.list}>
        {checks.map(({ part, name, look, causes }) => (
          <li key={part}>
            <div className={styles.head}>
              <strong>{name}</strong>
              <ToggleField<PartState>
                label={name}
                options={PART_STATES.map((value) => ({ value, label: value }))}
                value={parts[part] ?? null}
                onChange={(state) => set(part, state)}
                className={styles.states}
              />
            </div>
            <p>{look}</p>
            <p className="quiet">{causes}</p>
          </li>
        ))}
      </ul>
    </Fold>
  );
}
