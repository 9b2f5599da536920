'use client';
import type { Filter } from '@/core/filter/filter';
import { FILTER_KINDS } from '@/core/filter/filterKindWords';
import { cautions } from '@/core/job/cautions';
import { Cautions } from '../frame/Cautions';
import { Frame } from '../frame/Frame';
import { stageLinks } from '../frame/stageLinks';
import { StartJob } from '../measure/StartJob';
import styles from './NoJob.module.css';

/** The strip page between jobs: it starts one. */
export function NoJob({ filter, known }: { filter: Filter; known: boolean }) {
  return (
    <Frame
      title={filter.name}
      subtitle={FILTER_KINDS[filter.kind].name}
      links={stageLinks(filter.id, null, 'strip')}
      linksLabel="Stages"
    >
      <div className={styles.sheet}>
        <h2 className="title">Strip it</h2>
        <p>
          Lift the layers out one by one, in order, and write down what each is, where it was, how thick and
          how dirty.{' '}
          {known
            ? 'What was packed last time stands there already; correct what differs.'
            : 'Nothing is known of what is in it yet.'}
        </p>
        <Cautions lines={cautions(filter, [], 'opening')} />
        <StartJob filterId={filter.id} job={null} offersFirstPack={!known} />
      </div>
    </Frame>
  );
}
