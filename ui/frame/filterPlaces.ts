import { isPast } from '@/core/job/isPast';
import type { Job } from '@/core/job/job';
import type { JobStage } from '@/core/job/stage';
import type { TabLink } from './TabRow';

/** The pages of a filter between services. The pack card is reached from what it is made of. */
const CARE = [
  { place: 'care', label: 'Today' },
  { place: 'log', label: 'Log' },
  { place: 'flow', label: 'Flow' },
  { place: 'water-tests', label: 'Water tests' },
  { place: 'charts', label: 'Charts' },
  { place: 'media-swap', label: 'Media swap' },
  { place: 'fault', label: 'Find a fault' },
] as const;

/** The stations of a repack, each with the stage that opens it: what comes out is judged while it is stripped. */
const REPACK = [
  { place: 'measure', label: 'Measure', stage: null, waitsFor: null },
  { place: 'strip', label: 'Strip', stage: 'strip', waitsFor: null },
  {
    place: 'review',
    label: 'Review',
    stage: 'strip',
    waitsFor: 'To open Review, press “Strip the filter” on Strip.',
  },
  {
    place: 'plan',
    label: 'Plan',
    stage: 'plan',
    waitsFor: 'To open Plan, enter the layers on Strip, then press “Plan the new pack”.',
  },
  {
    place: 'prepare',
    label: 'Prepare',
    stage: 'plan',
    waitsFor: 'To open Prepare, press “Plan the new pack” on Strip or Review.',
  },
  {
    place: 'repack',
    label: 'Pack',
    stage: 'repack',
    waitsFor: 'To open Pack, press “Go to the packing list” on Plan.',
  },
] as const;

export type CarePlace = (typeof CARE)[number]['place'] | 'card';
export type RepackPlace = (typeof REPACK)[number]['place'];
/** A page of a filter, by the last part of its address. */
export type FilterPlace = CarePlace | RepackPlace;

/** One station of a repack. */
export interface Station {
  readonly place: RepackPlace;
  readonly label: string;
  readonly href: string;
  readonly here: boolean;
  /** The job has come this far, and the line is filled up to it. */
  readonly reached: boolean;
  /** It is behind. */
  readonly done: boolean;
  /** What it waits for; null: it can be opened. */
  readonly waitsFor: string | null;
}

/** True for the stations of a repack, false for the pages of care. */
export const isOfRepack = (place: FilterPlace): place is RepackPlace =>
  REPACK.some((station) => station.place === place);

const address = (filterId: string, place: FilterPlace): string => `/filter/${filterId}/${place}`;

/** Where a filter opens: at the stage of its open repack, else on Today. */
export const whereItOpens = (filterId: string, stage: JobStage | null): string =>
  address(filterId, stage === null || stage === 'done' ? 'care' : stage);

/** Where its repack opens: at the stage of the open one, else where one is begun. */
export const whereRepackOpens = (filterId: string, job: Pick<Job, 'stage'> | null): string =>
  address(filterId, job === null || job.stage === 'done' ? 'strip' : job.stage);

/** The pages of care as links. */
export const careTabs = (filterId: string, here: FilterPlace): TabLink[] =>
  CARE.map(({ place, label }) => ({ label, href: address(filterId, place), here: place === here }));

/** The way through a filter’s job; stations not reached yet say what they wait for. */
export function stations(
  filterId: string,
  job: Pick<Job, 'stage' | 'occasion'> | null,
  here: FilterPlace,
): Station[] {
  const stripIsLeftOut = job?.occasion === 'plan';
  return REPACK.map(({ place, label, stage, waitsFor }) => {
    const reached = job !== null && (stage === null || !isPast(job.stage, stage));
    return {
      place,
      label,
      href: address(filterId, place),
      here: place === here,
      reached,
      // A plan made from what is known has left the strip aside, not behind.
      done:
        job !== null &&
        (stage === null ||
          (place !== 'prepare' && isPast(stage, job.stage) && !(stage === 'strip' && stripIsLeftOut))),
      // A job begins on Strip or on Plan, so that these are open while there is none.
      waitsFor: (job === null ? place !== 'plan' : !reached) ? waitsFor : null,
    };
  });
}
