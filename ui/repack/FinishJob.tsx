'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Job } from '@/core/job/job';
import { send } from '../state/send';
import type { Autosave } from '../state/useAutosave';

interface Props {
  readonly job: Autosave<Job>;
  readonly onBack: () => void;
}

/** Ends the job: what was ticked becomes the record. */
export function FinishJob({ job, onBack }: Props) {
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const finish = async () => {
    setBusy(true);
    const saved = await job.flush();
    const outcome = saved
      ? await send('PATCH', `/api/jobs/${job.doc.id}`, { version: job.version(), stage: 'done' })
      : null;
    if (outcome?.kind === 'saved') {
      router.push('/');
      router.refresh();
      return;
    }
    setBusy(false);
    setFault(
      outcome?.kind === 'refused'
        ? outcome.faults.join(' ')
        : outcome?.kind === 'conflict'
          ? 'This job was changed in another tab. Reload the page to see where it stands.'
          : 'The repack could not be finished. Nothing is lost; try again.',
    );
  };
  return (
    <div>
      <Button variant="contained" disabled={busy} onClick={() => void finish()}>
        Finish the repack
      </Button>{' '}
      <Button onClick={onBack}>Back</Button>
      {fault === null ? null : <p role="alert">{fault}</p>}
    </div>
  );
}
