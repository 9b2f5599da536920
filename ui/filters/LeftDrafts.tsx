'use client';
import { SetAsideChanges } from '../frame/SetAsideChanges';
import { useLeftDrafts } from '../state/useLeftDrafts';
import styles from '../troubles/TroubleList.module.css';

/** On home: what was typed in this browser and never stored. Each is taken up again when its sheet is opened. */
export function LeftDrafts() {
  const { drafts, drop } = useLeftDrafts();
  if (drafts.length === 0) return null;
  return (
    <section aria-label="Unsaved changes" className={styles.list}>
      <h2 className={styles.heading}>
        {drafts.length === 1 ? 'A change is' : `${drafts.length} changes are`} kept in this browser but not
        saved. Open the filter to continue with it.
      </h2>
      <SetAsideChanges drafts={drafts} onDrop={drop} />
    </section>
  );
}
