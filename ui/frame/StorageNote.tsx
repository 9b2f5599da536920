'use client';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { isStorageBlocked } from '../state/isStorageBlocked';
import styles from './PageLayout.module.css';

/** It is shown once, on the page that was opened first. */
let said = false;

/** Says that this browser keeps no drafts, where its storage is blocked. */
export function StorageNote() {
  const isBlocked = useSyncExternalStore(
    () => () => undefined,
    isStorageBlocked,
    () => false,
  );
  const [isFirst] = useState(() => !said);
  useEffect(() => {
    if (isBlocked) said = true;
  }, [isBlocked]);
  if (!isBlocked || !isFirst) return null;
  return (
    <p role="status" className={styles.waits}>
      Storage is blocked for this site in your browser. You can go on: everything you enter is saved in the
      app. Only what is not saved yet is lost if the page closes.
    </p>
  );
}
