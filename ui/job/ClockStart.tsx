'use client';
import Button from '@mui/material/Button';
import type { Job } from '@/core/job/job';
import { clockState, startClock } from '@/core/job/outOfFlowClock';
import type { Autosave } from '../state/useAutosave';

/** True while the clock of the media out of flow is still to be started: a first pack has no film to lose. */
export const awaitsClock = ({ occasion, outOfFlow }: Pick<Job, 'occasion' | 'outOfFlow'>): boolean =>
  occasion !== 'first pack' && clockState(outOfFlow) === 'not started';

/**
 * Starts the clock of the media out of flow.
 *
 * @param aside it is not the next step of this page
 */
export function ClockStart({
  job,
  aside = false,
}: {
  readonly job: Autosave<Job>;
  readonly aside?: boolean;
}) {
  if (!awaitsClock(job.doc)) return null;
  return (
    <section aria-label="Out of flow">
      <Button
        variant={aside ? 'outlined' : 'contained'}
        onClick={() =>
          job.change((doc) => ({ ...doc, outOfFlow: startClock(doc.outOfFlow, new Date().toISOString()) }))
        }
      >
        Filter is off: start the clock
      </Button>
    </section>
  );
}
