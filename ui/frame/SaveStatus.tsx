'use client';
import Button from '@mui/material/Button';
import { useWords } from '../fields/Habits';
import type { Words } from '../fields/wordsFor';
import type { Autosave } from '../state/useAutosave';
import styles from './SaveStatus.module.css';
import { lazyPart, usePreload } from './lazyPart';

// Loaded when they are needed, which is seldom.
const ConflictDialog = lazyPart(() => import('./ConflictDialog').then((module) => module.ConflictDialog));
const Asides = lazyPart(() => import('./Asides').then((module) => module.Asides));

/** What the head of a sheet needs to know of a document that saves itself. */
export type Saving = Pick<
  Autosave<unknown>,
  'state' | 'takeTheirs' | 'keepMine' | 'asides' | 'setAside' | 'tryAside' | 'dropAside'
>;

/** "saved 14:06", or what stands in the way of saving, in words. The worst of several documents counts. */
export function SaveStatus({ saves }: { saves: readonly Saving[] }) {
  const words = useWords();
  usePreload(ConflictDialog, Asides);
  const of = (kind: Saving['state']['kind']) => saves.find((item) => item.state.kind === kind);
  const conflict = of('conflict');
  const refused = of('refused');
  const faults = refused?.state.kind === 'refused' ? refused.state.faults : [];
  const aside = saves.filter(({ asides }) => asides.length > 0);
  return (
    <>
      <span role="status" suppressHydrationWarning className={styles.status} data-kind={worst(saves)}>
        {text(saves, words)}
      </span>
      <div className={styles.panels}>
        {conflict === undefined ? null : (
          <ConflictDialog onTheirs={conflict.takeTheirs} onMine={conflict.keepMine} />
        )}
        {refused !== undefined ? (
          <div role="alert" className={styles.panel}>
            <p className={styles.heading}>This cannot be saved as it is:</p>
            <ul>
              {faults.map((fault) => (
                <li key={fault}>{fault}</li>
              ))}
            </ul>
            <p>Change it, or set your change aside and go back to what is stored.</p>
            <div className={styles.buttons}>
              <Button onClick={() => refused.setAside(faults)}>Set my change aside</Button>
            </div>
          </div>
        ) : null}
        {aside.length === 0 ? null : (
          <div role="region" aria-label="Set aside" className={styles.panel}>
            <p className={styles.heading}>Set aside: not stored, and kept in this browser.</p>
            {aside.map((save) => (
              <Asides
                key={save.asides.map(({ pageId }) => pageId).join()}
                drafts={save.asides}
                onTry={(draft) => void save.tryAside(draft)}
                onDrop={save.dropAside}
              />
            ))}
          </div>
        )}
      </div>
    </>
  );
}

const ORDER = ['conflict', 'refused', 'unreachable', 'saving', 'saved'] as const;

const worst = (saves: readonly Saving[]) =>
  ORDER.find((kind) => saves.some((save) => save.state.kind === kind)) ?? 'saved';

function text(saves: readonly Saving[], words: Words): string {
  switch (worst(saves)) {
    case 'conflict':
      return 'changed elsewhere';
    case 'refused':
      return 'not saved';
    case 'unreachable':
      return 'not saved yet: the app does not answer; kept here, trying again';
    case 'saving':
      return 'saving';
    case 'saved': {
      const newest =
        saves
          .map((save) => (save.state.kind === 'saved' ? save.state.at : ''))
          .sort()
          .at(-1) ?? '';
      return newest === '' ? 'saved' : `saved ${words.clock(newest)}`;
    }
  }
}
