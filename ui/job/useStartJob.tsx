'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import type { Job, Occasion } from '@/core/job/job';
import { AppLink } from '../frame/AppLink';
import { Doors } from './Doors';
import { Explanation } from '../frame/Explanation';
import type { ExplainedTerm } from '../frame/explanations';
import { whereRepackOpens } from '../frame/filterPlaces';
import { send } from '../state/send';
import { outcomeFaults } from '../state/outcomeFaults';
import styles from './StartJob.module.css';

interface StartJob {
  readonly filterId: string;
  /** The open job; null between jobs. */
  readonly job: Job | null;
  /** Saves what is on this screen; false when that did not work. */
  readonly before?: () => Promise<boolean>;
  /** Nothing was ever in the filter, as far as is known: it may be new from its box. */
  readonly untouched: boolean;
  /** What most want who come here with a filter that was packed before. */
  readonly first: 'repack' | 'plan';
}

const BEGIN = {
  repack: 'Strip the filter',
  plan: 'Plan without opening the filter',
  'first pack': 'Set up a new filter',
} as const satisfies Readonly<Record<Occasion, ExplainedTerm>>;

/**
 * Begins a strip-and-repack or a plan, or leads back to what is open: the one step for the band, and what else there is. Where
 * nothing is on record three doors stand in place of both.
 */
export function useStartJob({ filterId, job, before, untouched, first }: StartJob): {
  readonly action: ReactNode;
  readonly others: ReactNode;
} {
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  if (job !== null)
    return {
      action: (
        <Button variant="contained" component={AppLink} href={whereRepackOpens(filterId, job)}>
          Continue the {job.occasion === 'plan' ? 'plan' : 'repack'}
        </Button>
      ),
      others: null,
    };
  const start = async (occasion: Occasion) => {
    setBusy(true);
    const saved = before === undefined || (await before());
    const outcome = saved ? await send('POST', '/api/jobs', { filterId, occasion }) : null;
    // A conflict means that another tab began it: its page shows that one.
    if (outcome?.kind === 'saved' || outcome?.kind === 'conflict') {
      router.push(`/filter/${filterId}/${occasion === 'plan' ? 'plan' : 'strip'}`);
      router.refresh();
      return;
    }
    setBusy(false);
    setFault(
      outcome === null
        ? 'This page is not saved yet. See the message at the top.'
        : outcomeFaults(outcome, 'Nothing is lost.').join(' '),
    );
  };
  const step = untouched ? 'first pack' : first;
  const button = (occasion: Occasion) => (
    <Button
      variant={occasion === step ? 'contained' : 'outlined'}
      disabled={busy}
      onClick={() => void start(occasion)}
    >
      {BEGIN[occasion]}
    </Button>
  );
  const alert = fault === null ? null : <p role="alert">{fault}</p>;
  if (untouched)
    return {
      action: null,
      others: (
        <>
          {alert}
          <Doors button={button} />
        </>
      ),
    };
  const other = first === 'plan' ? 'repack' : 'plan';
  return {
    action: button(first),
    others: (
      <div className={styles.start}>
        <span>
          {button(other)}
          <Explanation of={BEGIN[other]} />
        </span>
        {alert}
      </div>
    ),
  };
}
