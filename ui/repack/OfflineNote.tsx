'use client';
import type { Job } from '@/core/job/job';
import type { Autosave } from '../state/useAutosave';
import { useOffline, type Offline } from './useOffline';
import { useWakeLock } from './useWakeLock';
import styles from './RepackSheet.module.css';

/** Whether the phone may lose sight of the app. */
const OFFLINE_WORDS: Readonly<Record<Offline, string>> = {
  preparing: 'Getting ready to work offline.',
  ready: 'This page works offline, even if you reload it.',
  off: 'This browser cannot reload the page offline. If the app stops, keep the page open.',
};

/** Keeps the page at hand and the screen on, and says how far that goes. */
export function OfflineNote({ filterId, job }: { readonly filterId: string; readonly job: Autosave<Job> }) {
  const offline = useOffline(`/filter/${filterId}/repack`, job.state.kind === 'saved' ? job.state.at : null);
  const awake = useWakeLock(job.doc.stage === 'repack');
  return (
    <p className={`quiet ${styles.awake}`}>
      {OFFLINE_WORDS[offline]}
      {awake
        ? ''
        : ' This browser cannot keep the screen on. Set a longer screen timeout in your device’s settings.'}
    </p>
  );
}
