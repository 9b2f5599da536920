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
          !known
            ? {
                level: 'works',
                state: sentence`The media in this filter is not entered yet.`,
                next: sentence`Choose how to begin.`,
              }
            : place === 'strip'
              ? {
                  level: 'works',
                  state: sentence`Open the filter and take the media out.`,
                  next: sentence`Your last pack is already entered. Correct anything that is different.`,
                }
              : {
                  level: 'works',
                  state: sentence`Plan a pack. You do not need to open the filter.`,
                  next: sentence`The plan starts from your last pack and is compared with it.`,
                }
        }
        action={action}
      />
      {known ? null : others}
      <div className={styles.sheet}>
        {known ? others : null}
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
