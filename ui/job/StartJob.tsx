'use client';
import Button from '@mui/material/Button';
import { AppLink } from '../frame/AppLink';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Job, Occasion } from '@/core/job/job';
import { send } from '../state/send';
import { outcomeFaults } from '../state/outcomeFaults';
import styles from './StartJob.module.css';
import { Explanation } from '../frame/Explanation';
import type { ExplainedTerm } from '../frame/explanations';

interface Props {
  readonly filterId: string;
  readonly job: Job | null;
  readonly before?: () => Promise<boolean>;
  /** Nothing was ever in the filter, as far as is known: it may be new from its box. */
  readonly untouched: boolean;
  /** What most who come here want. */
  readonly first: 'repack' | 'plan';
}

const BEGIN = {
  repack: 'Strip the filter',
  plan: 'Plan without opening the filter',
  'first pack': 'Set up a new filter',
} as const satisfies Readonly<Record<Occasion, ExplainedTerm>>;

/** Begins a strip-and-repack or a plan, or leads back to what is open. */
export function StartJob({ filterId, job, before, untouched, first }: Props) {
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  if (job !== null)
    return (
      <p className={styles.start}>
        <Button variant="contained" component={AppLink} href={`/filter/${filterId}/${job.stage}`}>
          Continue the {job.occasion === 'plan' ? 'plan' : 'repack'}
        </Button>
      </p>
    );
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
  const occasions: readonly Occasion[] = [
    first,
    first === 'plan' ? 'repack' : 'plan',
    ...(untouched ? (['first pack'] as const) : []),
  ];
  return (
    <div className={styles.start}>
      {occasions.map((occasion) => (
        <span key={occasion}>
          <Button
            variant={occasion === first ? 'contained' : 'outlined'}
            disabled={busy}
            onClick={() => void start(occasion)}
          >
            {BEGIN[occasion]}
          </Button>
          <Explanation of={BEGIN[occasion]} />
        </span>
      ))}
      <span className="quiet">
        If you can, measure the flow before you open the filter, so that you can compare it afterwards.
      </span>
      {fault === null ? null : <p role="alert">{fault}</p>}
    </div>
  );
}
