'use client';
import Button from '@mui/material/Button';
import { AppLink } from '../frame/AppLink';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Job, Occasion } from '@/core/job/job';
import { send } from '../state/send';
import styles from './StartJob.module.css';

interface Props {
  readonly filterId: string;
  readonly job: Job | null;
  readonly before?: () => Promise<boolean>;
  /** Offers the first pack of a filter new from its box. */
  readonly offersFirstPack?: boolean;
}

/** Begins a strip-and-repack, or leads back to the one that is open. */
export function StartJob({ filterId, job, before, offersFirstPack = false }: Props) {
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  if (job !== null)
    return (
      <p className={styles.start}>
        <Button variant="contained" component={AppLink} href={`/filter/${filterId}/${job.stage}`}>
          Go on with the repack
        </Button>
      </p>
    );
  const start = async (occasion: Occasion) => {
    setBusy(true);
    const saved = before === undefined || (await before());
    const outcome = saved ? await send('POST', '/api/jobs', { filterId, occasion }) : null;
    // A conflict means that another tab began it: the strip page shows that one.
    if (outcome?.kind === 'saved' || outcome?.kind === 'conflict') {
      router.push(`/filter/${filterId}/strip`);
      router.refresh();
      return;
    }
    setBusy(false);
    setFault(
      outcome === null
        ? 'What is on this screen is not saved yet; see the note at the top.'
        : outcome.kind === 'refused'
          ? outcome.faults.join(' ')
          : 'The app does not answer. Nothing is lost; try again.',
    );
  };
  return (
    <div className={styles.start}>
      <Button variant="contained" disabled={busy} onClick={() => void start('repack')}>
        Begin to strip it
      </Button>
      {offersFirstPack ? (
        <Button disabled={busy} onClick={() => void start('first pack')}>
          It is new from its box: first pack
        </Button>
      ) : null}
      <span className="quiet">
        Time its flow first, if you can: it is what everything later is held against.
      </span>
      {fault === null ? null : <p role="alert">{fault}</p>}
    </div>
  );
}
