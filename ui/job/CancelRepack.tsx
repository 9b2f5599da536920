'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Job } from '@/core/job/job';
import { send } from '../state/send';

/** Cancels the job, after asking: its plan and what was found go, the filter stays as it was known. */
export function CancelRepack({ job }: { job: Job }) {
  const router = useRouter();
  const [asking, setAsking] = useState(false);
  const [fault, setFault] = useState(false);
  const drop = async () => {
    const outcome = await send('DELETE', `/api/jobs/${job.id}`);
    if (outcome.kind === 'saved') {
      router.push(`/filter/${job.filterId}/measure`);
      router.refresh();
    } else setFault(true);
  };
  const what = job.occasion === 'plan' ? 'plan' : 'repack';
  if (!asking) return <Button onClick={() => setAsking(true)}>Cancel this {what}</Button>;
  return (
    <div>
      <p>
        {what === 'plan'
          ? 'This plan and its alternatives will be'
          : 'Everything you entered and planned for this repack will be'}{' '}
        removed. Measured flows stay.
      </p>
      <Button color="error" onClick={() => void drop()}>
        Remove the {what}
      </Button>{' '}
      <Button onClick={() => setAsking(false)}>Keep the {what}</Button>
      {fault ? <p role="alert">The {what} could not be removed. Nothing was changed. Try again.</p> : null}
    </div>
  );
}
