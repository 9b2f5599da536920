'use client';
import Button from '@mui/material/Button';
import { KIND_WORDS } from '@/formats/documents/kinds';
import { useWords } from '../fields/UnitsProvider';
import type { Draft } from '../state/drafts';
import { saveText } from '../state/saveText';
import styles from './SaveStatus.module.css';

interface Props {
  readonly drafts: readonly Draft[];
  /** Puts it back where it was made; left out where its document is not open. */
  readonly onTry?: (draft: Draft) => void;
  readonly onDrop: (draft: Draft) => void;
}

/** Changes that were set aside: what each is, why, and what can be done with it. */
export function SetAsideChanges({ drafts, onTry, onDrop }: Props) {
  const words = useWords();
  return (
    <ul>
      {drafts.map((draft) => {
        const what = `Change to the ${KIND_WORDS[draft.kind]} of ${words.date(draft.at, { day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' })}`;
        return (
          <li key={`${draft.pageId} ${draft.id}`}>
            <p>{what}</p>
            {(draft.aside ?? []).slice(0, 3).map((fault) => (
              <p key={fault} className="quiet">
                {fault}
              </p>
            ))}
            <div className={styles.buttons}>
              <Button
                onClick={() => saveText(`${draft.kind}-unsaved.json`, JSON.stringify(draft.doc, null, 2))}
                aria-label={`Export: ${what}`}
              >
                Export
              </Button>
              {onTry === undefined ? null : (
                <Button onClick={() => onTry(draft)} aria-label={`Try again: ${what}`}>
                  Try again
                </Button>
              )}
              <Button onClick={() => onDrop(draft)} aria-label={`Delete: ${what}`}>
                Delete
              </Button>
            </div>
          </li>
        );
      })}
    </ul>
  );
}
