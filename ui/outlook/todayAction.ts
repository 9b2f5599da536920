import type { Due } from '@/core/care/due';
import { visitKey } from '@/core/care/due';
import type { Job } from '@/core/job/job';
import { whereRepackOpens, type FilterPlace } from '../frame/filterPlaces';

interface TodayInput {
  readonly filterId: string;
  /** The open job; null between jobs. */
  readonly job: Pick<Job, 'stage' | 'occasion'> | null;
  /** What is due, soonest first. */
  readonly due: readonly Pick<Due, 'key' | 'inDays'>[];
  /** What is in the filter is entered. */
  readonly isKnown: boolean;
}

/** The one next step of a filter between services: its label and address. */
export function todayAction({ filterId, job, due, isKnown }: TodayInput): {
  readonly label: string;
  readonly href: string;
} {
  const at = (place: FilterPlace): string => `/filter/${filterId}/${place}`;
  if (job !== null)
    return {
      label: `Continue the ${job.occasion === 'plan' ? 'plan' : 'repack'}`,
      href: whereRepackOpens(filterId, job),
    };
  if (!isKnown) return { label: 'Enter the media', href: at('strip') };
  const now = due.filter(({ inDays }) => inDays <= 0);
  if (now.some(({ key }) => key === visitKey(filterId)))
    return { label: 'Start the repack', href: at('strip') };
  if (now.some(({ key }) => key.startsWith('swap ')))
    return { label: 'Do the next stage', href: at('media-swap') };
  return { label: 'Measure the flow', href: at('flow') };
}
