'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import type { Job, Occasion } from '@/core/job/job';
import { AppLink } from '../frame/AppLink';
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
  /** What most who come here want. */
  readonly first: Occasion;
}

const BEGIN = {
  repack: 'Strip the filter',
  plan: 'Plan without opening the filter',
  'first pack': 'Set up a new filter',
} as const satisfies Readonly<Record<Occasion, ExplainedTerm>>;

/** Begins a strip-and-repack or a plan, or leads back to what is open: the one step for the band, and what else there is. */
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
  const button = (occasion: Occasion) => (
    <Button
      variant={occasion === first ? 'contained' : 'outlined'}
      disabled={busy}
      onClick={() => void start(occasion)}
    >
      {BEGIN[occasion]}
    </Button>
  );
  const occasions: readonly Occasion[] = ['repack', 'plan', ...(untouched ? (['first pack'] as const) : [])];
  return {
    action: button(first),
    others: (
      <div className={styles.start}>
        {occasions
          .filter((occasion) => occasion !== first)
          .map((occasion) => (
            <span key={occasion}>
              {button(occasion)}
              <Explanation of={BEGIN[occasion]} />
            </span>
          ))}
        {fault === null ? null : <p role="alert">{fault}</p>}
      </div>
    ),
  };
}
