'use client';
import { isAnyUnsaved, setAsideAllDrafts } from '../state/unsaved';
import styles from './AppErrorPage.module.css';

interface Props {
  readonly error: Error & { readonly digest?: string };
  readonly onRetry: () => void;
}

/**
 * Stands in for a sheet that cannot be drawn: what was saved is safe, and there are ways on. It goes along with every page,
 * so that it is there when something fails to load: plain buttons keep it small.
 */
export function AppErrorPage({ error, onRetry }: Props) {
  const unsaved = isAnyUnsaved();
  return (
    <main className={styles.sheet}>
      <h1 className="title">This page could not be shown.</h1>
      <p>
        Everything you saved is safe. Try again. If it happens again, look for a message where you started the
        app
        {error.digest === undefined ? '' : ` (reference ${error.digest})`}.
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
              setAsideAllDrafts(['The page could not be shown with this change.']);
              onRetry();
            }}
          >
            Set my change aside and try again
          </button>
        ) : null}
        {/* Whole pages, not steps within the app: the fault may lie in what this page holds. */}
        {/* eslint-disable-next-line @next/next/no-html-link-for-pages */}
        <a className={styles.way} href="/">
          Go to Filters
        </a>
        <a className={styles.way} href="/troubles">
          Check the stored data
        </a>
      </div>
    </main>
  );
}
