'use client';
import Button from '@mui/material/Button';
import { SetAsideChanges } from './SetAsideChanges';
import { ConflictDialog } from './ConflictDialog';
import type { Saving } from './saving';
import styles from './SaveStatus.module.css';

/** What stands in the way of saving, with what can be done: a conflict, a refusal, a disk that takes nothing, what was set aside. */
export function SaveTroubles({ saves }: { saves: readonly Saving[] }) {
  const of = (kind: Saving['state']['kind']) => saves.find((item) => item.state.kind === kind);
  const conflict = of('conflict');
  const refused = of('refused');
  const faults = refused?.state.kind === 'refused' ? refused.state.faults : [];
  const unwritten = saves
    .map(({ state }) => state)
    .find((state) => state.kind === 'failed' && state.fault !== null);
  // The first sentence says what happened, the others what to do.
  const [what, ...toDo] = unwritten?.kind === 'failed' ? unwritten.message.split(/(?<=\.) /) : [];
  const aside = saves.filter(({ asides }) => asides.length > 0);
  return (
    <>
      {conflict === undefined ? null : (
        <ConflictDialog onTheirs={conflict.takeTheirs} onMine={conflict.keepMine} />
      )}
      {refused !== undefined ? (
        <div role="alert" className={styles.panel}>
          <p className={styles.heading}>This change cannot be saved:</p>
          <ul>
            {faults.map((fault) => (
              <li key={fault}>{fault}</li>
            ))}
          </ul>
          <p>Correct it, or set it aside and go back to the saved version.</p>
          <div className={styles.buttons}>
            <Button onClick={() => refused.setAside(faults)}>Set my change aside</Button>
          </div>
        </div>
      ) : null}
      {unwritten?.kind !== 'failed' ? null : (
        <div role="alert" className={styles.panel}>
          <p className={styles.heading}>{what}</p>
          <p>
            {toDo.join(' ')} Your change is kept here
            {unwritten.fault === 'updated' ? ', and is saved then.' : ', and the app keeps trying.'}
          </p>
          {unwritten.fault !== 'updated' ? null : (
            <div className={styles.buttons}>
              <Button onClick={() => window.location.reload()}>Reload the page</Button>
            </div>
          )}
          {unwritten.fault !== 'gone' ? null : (
            <div className={styles.buttons}>
              <Button component="a" href="/api/backup">
                Save everything to a new file
              </Button>
            </div>
          )}
        </div>
      )}
      {aside.length === 0 ? null : (
        <div role="region" aria-label="Changes set aside" className={styles.panel}>
          <p className={styles.heading}>Changes set aside. They are kept in this browser but not saved.</p>
          {aside.map((save) => (
            <SetAsideChanges
              key={save.asides.map(({ pageId }) => pageId).join()}
              drafts={save.asides}
              onTry={(draft) => void save.tryAside(draft)}
              onDrop={save.dropAside}
            />
          ))}
        </div>
      )}
    </>
  );
}
