'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Job } from '@/core/job/job';
import { send } from '../state/send';

/** Gives the job up, after asking: its plan and what was found go, the filter stays as it was known. */
export function DropJob({ job }: { job: Job }) {
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
  if (!asking) return <Button onClick={() => setAsking(true)}>Cancel this repack</Button>;
  return (
    <div>
      <p>What was found and planned in this job goes. Flows that were timed stay.</p>
      <Button color="error" onClick={() => void drop()}>
        Give it up
      </Button>{' '}
      <Button onClick={() => setAsking(false)}>Keep it</Button>
      {fault ? <p role="alert">It could not be given up. Nothing was changed; try again.</p> : null}
    </div>
  );
}
