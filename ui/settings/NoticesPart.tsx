'use client';
import Button from '@mui/material/Button';
import { useSyncExternalStore, useState } from 'react';
import { noticesState, setNotifications, type NoticesState } from '../state/notices';
import styles from './DataPart.module.css';

const WORDS_BY_STATE: Readonly<Record<NoticesState, string>> = {
  missing: 'This browser does not support notifications.',
  blocked: 'This browser blocks notifications from this app. Allow them in the browser’s site settings.',
  on: 'This browser tells you what is due once a day, while the app is open.',
  off: 'This browser can tell you what is due once a day, while the app is open.',
};

const nothing = () => () => undefined;

/** Whether this browser notifies of what is due. */
export function NoticesPart() {
  const [turned, setTurned] = useState<NoticesState | null>(null);
  // The server knows nothing of this browser.
  const first = useSyncExternalStore<NoticesState | null>(nothing, noticesState, () => null);
  const state = turned ?? first;
  return (
    <section aria-label="Notifications" className={styles.part}>
      <h2 className="title">Notifications</h2>
      {state === null ? null : <p role="status">{WORDS_BY_STATE[state]}</p>}
      {state === 'on' || state === 'off' ? (
        <div className={styles.actions}>
          <Button onClick={() => void setNotifications(state === 'off').then(setTurned)}>
            {state === 'off' ? 'Notify me in this browser' : 'Stop notifying me'}
          </Button>
        </div>
      ) : null}
    </section>
  );
}
