'use client';
import type { Filter } from '@/core/filter/filter';
import { FILTER_KINDS } from '@/core/filter/filterKindWords';
import { cautions } from '@/core/cautions/cautions';
import { Cautions } from '../frame/Cautions';
import { PageLayout } from '../frame/PageLayout';
import { stageLinks } from '../frame/stageLinks';
import { StartJob } from './StartJob';
import styles from './NoJob.module.css';

interface Props {
  readonly filter: Filter;
  readonly place: 'strip' | 'plan';
  /** What was packed last is known. */
  readonly known: boolean;
}

/** The pages of Strip and Plan between jobs: here one is begun. */
export function NoJob({ filter, place, known }: Props) {
  return (
    <PageLayout
      title={filter.name}
      subtitle={FILTER_KINDS[filter.kind].name}
      links={stageLinks(filter.id, null, place)}
      linksLabel="Stages"
    >
      <div className={styles.sheet}>
        {place === 'strip' ? (
          <>
            <h2 className="title">Strip this filter</h2>
            <p>
              Lift the layers out one by one, in order. For each, enter what it is, where it was, how thick
              and how dirty it is.{' '}
              {known
                ? 'Your last pack is already entered. Correct anything that is different.'
                : 'You have not entered the media in this filter yet.'}
            </p>
            <Cautions lines={cautions(filter, [], 'opening')} />
          </>
        ) : (
          <>
            <h2 className="title">Plan a pack</h2>
            <p>
              You do not need to open the filter.{' '}
              {known
                ? 'The plan starts from your last pack and is compared with it.'
                : 'You have not entered the media in this filter yet, so the plan starts empty.'}
            </p>
          </>
        )}
        <StartJob
          filterId={filter.id}
          job={null}
          untouched={!known}
          first={place === 'strip' ? 'repack' : 'plan'}
        />
      </div>
    </PageLayout>
  );
}
