'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Filter } from '@/core/filter/filter';
import { cautions } from '@/core/cautions/cautions';
import type { Job } from '@/core/job/job';
import type { Layer } from '@/core/layers/layer';
import { newBacteriaMedia } from '@/core/repack/newBacteriaMedia';
import type { Stored } from '@/store/documentTable';
import { Cautions } from '../frame/Cautions';
import { send } from '../state/send';
import type { Autosave } from '../state/useAutosave';

interface Props {
  readonly job: Autosave<Job>;
  readonly filter: Filter;
  /** Layers as they went in, and those that were in the filter before. */
  readonly packed: readonly Layer[];
  readonly found: readonly Layer[];
  readonly onBack: () => void;
}

/** Ends the job: what was ticked becomes the record. */
export function FinishJob({ job, filter, packed, found, onBack }: Props) {
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const finish = async () => {
    setBusy(true);
    const saved = await job.flush();
    const outcome = saved
      ? await send<Stored<Job>>('PATCH', `/api/jobs/${job.doc.id}`, { version: job.version(), stage: 'done' })
      : null;
    const isDone =
      outcome?.kind === 'saved' || (outcome?.kind === 'conflict' && outcome.current.doc.stage === 'done');
    if (isDone) {
      // Bacteria must grow on new media: that is followed on Water tests. All else belongs to Today.
      // What lay in the box of a new filter is new.
      const before = job.doc.occasion === 'first pack' ? [] : found;
      const isNew = newBacteriaMedia(filter, packed, before).length > 0;
      router.push(`/filter/${filter.id}/${isNew ? 'water-tests' : 'care'}`);
      router.refresh();
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
