'use client';
import type { Filter } from '@/core/filter/filter';
import { cautions } from '@/core/cautions/cautions';
import { sentence } from '@/core/units/sentence';
import { AppLink } from '../frame/AppLink';
import { Cautions } from '../frame/Cautions';
import { FilterLayout } from '../frame/FilterLayout';
import { VerdictBanner } from '../frame/VerdictBanner';
import styles from './NoJob.module.css';
import { useStartJob } from './useStartJob';

interface Props {
  readonly filter: Filter;
  readonly place: 'strip' | 'plan';
  /** What was packed last is known. */
  readonly known: boolean;
}

/** The pages of Strip and Plan between jobs: here one is begun. */
export function NoJob({ filter, place, known }: Props) {
  const { action, others } = useStartJob({
    filterId: filter.id,
    job: null,
    untouched: !known,
    first: place === 'strip' ? 'repack' : 'plan',
  });
  return (
    <FilterLayout filter={filter} job={null} here={place}>
      <VerdictBanner
        verdict={
          place === 'strip'
            ? {
                level: 'works',
                state: sentence`Open the filter and take the media out.`,
                next: known
                  ? sentence`Your last pack is already entered. Correct anything that is different.`
                  : sentence`Enter each layer as you lift it out: what it is, where it was, how thick and how dirty it is.`,
              }
            : {
                level: 'works',
                state: sentence`Plan a pack. You do not need to open the filter.`,
                next: known
                  ? sentence`The plan starts from your last pack and is compared with it.`
                  : sentence`You have not entered the media in this filter yet, so the plan starts empty.`,
              }
        }
        action={action}
      />
      <div className={styles.sheet}>
        {others}
        {place === 'strip' ? (
          <>
            <p>
              If you can, <AppLink href={`/filter/${filter.id}/flow`}>measure the flow</AppLink> before you
              open the filter, so that you can compare it afterwards.
            </p>
            <Cautions lines={cautions(filter, [], 'opening')} />
          </>
        ) : null}
      </div>
    </FilterLayout>
  );
}
