'use client';
import type { Filter } from '@/core/filter/filter';
import { PART_STATES } from '@/core/filter/partStates';
import type { PartState, SmallPart } from '@/core/filter/smallPart';
import { faultyParts, partsSeen, smallParts } from '@/core/filter/smallParts';
import type { Job } from '@/core/job/job';
import { ToggleField } from '../fields/ToggleField';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import type { Autosave } from '../state/useAutosave';
import styles from './PartsList.module.css';

/** The small parts to look at while it is open, each with what its fault brings. */
export function PartsList({ filter, job }: { filter: Autosave<Filter>; job: Autosave<Job> }) {
  const checks = smallParts(filter.doc, job.doc.occasion === 'first pack');
  const parts = partsSeen(filter.doc, job.doc.parts);
  const seen = checks.filter(({ part }) => parts[part] !== undefined).length;
  const bad = faultyParts(filter.doc, job.doc.parts);
  const set = (part: SmallPart, state: PartState | null) => {
    job.change((doc) => {
      const { [part]: before, ...others } = doc.parts;
      void before;
      return { ...doc, parts: state === null ? others : { ...doc.parts, [part]: state } };
    });
    // Whether the foot is there is recorded once, in the filter: Measure and the water level go by it.
    if (part === 'levelling foot')
      filter.change((doc) =>
        doc.spill === null
          ? doc
          : { ...doc, spill: { ...doc.spill, foot: state === 'missing' ? 'missing' : 'in' } },
      );
  };
  return (
    <CollapsibleSection
      title="Small parts"
      says={`${seen} of ${checks.length} checked${bad.length === 0 ? '' : `; ${bad.map(({ name }) => name.toLowerCase()).join(', ')}`}`}
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
    </CollapsibleSection>
  );
}
