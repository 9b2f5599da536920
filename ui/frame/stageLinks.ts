import type { Job } from '@/core/job/job';
import { isPast, type JobStage } from '@/core/job/stage';
import type { FrameLink } from './Frame';

type Place = 'survey' | 'judge' | 'flow' | Exclude<JobStage, 'done'>;

/** The sheets of a job, each with the stage that opens it: what comes out is judged while it is stripped. */
const SHEETS: readonly {
  readonly place: Exclude<Place, 'survey' | 'flow'>;
  readonly stage: Exclude<JobStage, 'done'>;
  readonly label: string;
}[] = [
  { place: 'strip', stage: 'strip', label: 'Strip' },
  { place: 'judge', stage: 'strip', label: 'Judge' },
  { place: 'layer', stage: 'layer', label: 'Layer' },
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
    { label: 'Round', href: '/' },
    link('Survey', 'survey'),
    ...SHEETS.map(({ place, stage, label }) => ({
      ...link(label, place),
      done: job !== null && isPast(stage, job.stage),
      // Strip is where a job begins, so its page is always open.
      closed: place !== 'strip' && (job === null || isPast(job.stage, stage)),
    })),
    link('Flow', 'flow'),
  ];
}
