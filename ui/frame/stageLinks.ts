import type { Job } from '@/core/job/job';
import type { JobStage } from '@/core/job/stage';
import { isPast } from '@/core/job/isPast';
import type { FrameLink } from './Frame';

type Place = 'measure' | 'review' | 'flow' | Exclude<JobStage, 'done'>;

/** The sheets of a job, each with the stage that opens it: what comes out is judged while it is stripped. */
const SHEETS: readonly {
  readonly place: Exclude<Place, 'measure' | 'flow'>;
  readonly stage: Exclude<JobStage, 'done'>;
  readonly label: string;
}[] = [
  { place: 'strip', stage: 'strip', label: 'Strip' },
  { place: 'review', stage: 'strip', label: 'Review' },
  { place: 'plan', stage: 'plan', label: 'Plan' },
  { place: 'repack', stage: 'repack', label: 'Repack' },
];

/** The way through a filter's job; stages not reached yet are closed. */
export function stageLinks(filterId: string, job: Job | null, here: Place): FrameLink[] {
  const link = (label: string, place: Place): FrameLink => ({
    label,
    href: `/filter/${filterId}/${place}`,
    here: place === here,
  });
  return [
    { label: 'Filters', href: '/' },
    link('Measure', 'measure'),
    ...SHEETS.map(({ place, stage, label }) => ({
      ...link(label, place),
      done: job !== null && isPast(stage, job.stage),
      // Strip is where a job begins, so its page is always open.
      closed: place !== 'strip' && (job === null || isPast(job.stage, stage)),
    })),
    link('Flow', 'flow'),
  ];
}
