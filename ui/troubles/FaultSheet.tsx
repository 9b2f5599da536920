'use client';
import Button from '@mui/material/Button';
import { isAnyUnsaved, setAllAside } from '../state/unsaved';
import styles from './TroubleList.module.css';

interface Props {
  readonly error: Error & { readonly digest?: string };
  readonly onRetry: () => void;
}

/** Stands in for a sheet that cannot be drawn: what was saved is safe, and there are ways on. */
export function FaultSheet({ error, onRetry }: Props) {
  const unsaved = isAnyUnsaved();
  return (
    <main className={styles.sheet}>
      <h1 className="title">This sheet could not be drawn.</h1>
      <p>
        What was saved is safe. Try again; if the fault stays, look at what the app printed where it was
        started
        {error.digest === undefined ? '' : ` (mark ${error.digest})`}.
      </p>
      <div className={styles.buttons}>
        <Button variant="contained" onClick={onRetry}>
          Try again
        </Button>
        {unsaved ? (
          <Button
            onClick={() => {
              setAllAside(['The sheet could not be drawn with it.']);
              onRetry();
            }}
          >
            Set my unsaved change aside and try again
          </Button>
        ) : null}
        {/* Whole pages, not steps within the app: the fault may lie in what this page holds. */}
        <Button component="a" href="/">
          To all filters
        </Button>
        <Button component="a" href="/troubles">
          Check the stored data
        </Button>
      </div>
    </main>
  );
}
