import type { Job } from '@/core/job/job';
import type { JobStage } from '@/core/job/stage';
import { isPast } from '@/core/job/isPast';
import type { FrameLink } from './PageLayout';

type Place =
  | 'measure'
  | 'review'
  | 'prepare'
  | 'water-tests'
  | 'media-swap'
  | 'flow'
  | 'care'
  | 'charts'
  | 'card'
  | 'fault'
  | Exclude<JobStage, 'done'>;

/** The sheets of a job, each with the stage that opens it: what comes out is judged while it is stripped. */
const SHEETS: readonly {
  readonly place: Exclude<
    Place,
    'measure' | 'water-tests' | 'media-swap' | 'flow' | 'care' | 'charts' | 'card' | 'fault'
  >;
  readonly stage: Exclude<JobStage, 'done'>;
  readonly label: string;
}[] = [
  { place: 'strip', stage: 'strip', label: 'Strip' },
  { place: 'review', stage: 'strip', label: 'Review' },
  { place: 'plan', stage: 'plan', label: 'Plan' },
  { place: 'prepare', stage: 'plan', label: 'Prepare' },
  { place: 'repack', stage: 'repack', label: 'Repack' },
];

/** What a stage waits for, by its sheet. */
const WAITS_FOR: Readonly<Record<'review' | 'plan' | 'prepare' | 'repack', string>> = {
  review: 'To open Review, press “Strip the filter” on Strip.',
  plan: 'To open Plan, enter the layers on Strip, then press “Plan the new pack”.',
  prepare: 'To open Prepare, press “Plan the new pack” on Strip or Review.',
  repack: 'To open Repack, press “Go to the packing list” on Plan.',
};

/** The way through a filter’s job; stages not reached yet say what they wait for. */
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
      // A plan made from what is known has left the strip aside, not behind.
      done:
        place !== 'prepare' &&
        job !== null &&
        isPast(stage, job.stage) &&
        !(stage === 'strip' && job.occasion === 'plan'),
      // A job begins on Strip or on Plan, so that these are open while there is none.
      ...(place !== 'strip' && (job === null ? place !== 'plan' : isPast(job.stage, stage))
        ? { waitsFor: WAITS_FOR[place] }
        : {}),
    })),
    link('Water tests', 'water-tests'),
    link('Care', 'care'),
    link('Media swap', 'media-swap'),
    link('Flow', 'flow'),
    link('Charts', 'charts'),
  ];
}
