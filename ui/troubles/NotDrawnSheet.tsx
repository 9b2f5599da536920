'use client';
import { isAnyUnsaved, setAllAside } from '../state/unsaved';
import styles from './NotDrawnSheet.module.css';

interface Props {
  readonly error: Error & { readonly digest?: string };
  readonly onRetry: () => void;
}

/**
 * Stands in for a sheet that cannot be drawn: what was saved is safe, and there are ways on. It goes along with every page,
 * so that it is there when something fails to load: plain buttons keep it small.
 */
export function NotDrawnSheet({ error, onRetry }: Props) {
  const unsaved = isAnyUnsaved();
  return (
    <main className={styles.sheet}>
      <h1 className="title">This sheet could not be drawn.</h1>
      <p>
        What was saved is safe. Try again; if the fault stays, look at what the app printed where it was
        started
        {error.digest === undefined ? '' : ` (mark ${error.digest})`}.
      </p>
      <div className={styles.ways}>
        <button type="button" className={styles.way} onClick={onRetry}>
          Try again
        </button>
        {unsaved ? (
          <button
            type="button"
            className={styles.way}
            onClick={() => {
              setAllAside(['The sheet could not be drawn with it.']);
              onRetry();
            }}
          >
            Set my unsaved change aside and try again
          </button>
        ) : null}
        {/* Whole pages, not steps within the app: the fault may lie in what this page holds. */}
        {/* eslint-disable-next-line @next/next/no-html-link-for-pages */}
        <a className={styles.way} href="/">
          To all filters
        </a>
        <a className={styles.way} href="/troubles">
          Check the stored data
        </a>
      </div>
    </main>
  );
}
