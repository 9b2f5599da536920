'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Filter } from '@/core/filter/filter';
import { cautions } from '@/core/cautions/cautions';
import type { Job } from '@/core/job/job';

import type { Stored } from '@/store/documentTable';
import { Cautions } from '../frame/Cautions';
import { send } from '../state/send';
import type { Autosave } from '../state/useAutosave';

interface Props {
  readonly job: Autosave<Job>;
  readonly filter: Filter;
  readonly onBack: () => void;
}

/** Ends the job: what was ticked becomes the record. */
export function FinishJob({ job, filter, onBack }: Props) {
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const finish = async () => {
    setBusy(true);
    const saved = await job.flush();
    const outcome = saved
      ? await send<Stored<Job>>('PATCH', `/api/jobs/${job.doc.id}`, { version: job.version(), stage: 'done' })
      : null;
    if (outcome?.kind === 'saved') {
      router.push(`/filter/${filter.id}/card`);
      router.refresh();
      return;
    }
    if (outcome?.kind === 'conflict' && outcome.current.doc.stage === 'done') {
      router.push(`/filter/${filter.id}/card`);
      return;
    }
    if (outcome?.kind === 'conflict') job.offer(outcome.current);
    setBusy(false);
    setFault(
      outcome?.kind === 'refused'
        ? outcome.faults.join(' ')
        : outcome?.kind === 'conflict'
          ? 'Another device has just ticked a step. Check the steps, then finish again.'
          : 'The repack could not be finished. Nothing is lost. Try again.',
    );
  };
  return (
    <div>
      <Cautions lines={cautions(filter, [], 'closing')} />
      <Button variant="contained" disabled={busy} onClick={() => void finish()}>
        Finish the repack
      </Button>{' '}
      <Button onClick={onBack}>Back</Button>
      {fault === null ? null : <p role="alert">{fault}</p>}
    </div>
  );
}
