'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import type { Job } from '@/core/job/job';
import type { JobStage } from '@/core/job/stage';
import { isPast } from '@/core/job/isPast';
import { send } from '../state/send';
import { outcomeFaults } from '../state/outcomeFaults';
import type { Autosave } from '../state/useAutosave';

interface Props {
  readonly job: Autosave<Job>;
  readonly to: Exclude<JobStage, 'done'>;
  /** Saves what is on this screen; false when that did not work. */
  readonly before: () => Promise<boolean>;
  readonly disabled?: boolean;
  /** It is not the next step of this page. */
  readonly aside?: boolean;
  readonly children: ReactNode;
}

/** Goes on to the next stage; moves the job there the first time. */
export function StageStep({ job, to, before, disabled = false, aside = false, children }: Props) {
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const go = async () => {
    setBusy(true);
    setFault(null);
    const failed = await step(job, to, before);
    if (failed === null) router.push(`/filter/${job.doc.filterId}/${to}`);
    else {
      setFault(failed);
      setBusy(false);
    }
  };
  return (
    <>
      <Button
        variant={aside ? 'outlined' : 'contained'}
        disabled={disabled || busy}
        onClick={() => void go()}
      >
        {children}
      </Button>
      {fault === null ? null : <p role="alert">{fault}</p>}
    </>
  );
}

async function step(job: Autosave<Job>, to: JobStage, before: Props['before']): Promise<string | null> {
  if (!(await before())) return 'This page is not saved yet. See the message at the top.';
  if (!isPast(job.doc.stage, to)) return null;
  const outcome = await send('PATCH', `/api/jobs/${job.doc.id}`, { version: job.version(), stage: to });
  if (outcome.kind === 'saved') return null;
  if (outcome.kind === 'conflict')
    return 'This repack was changed in another tab. Reload the page to see the latest.';
  return outcomeFaults(outcome, 'Nothing is lost.').join(' ');
}
