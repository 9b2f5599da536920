'use client';
import { useState } from 'react';
import type { Filter } from '@/core/filter/filter';
import type { Job } from '@/core/job/job';
import type { Layer } from '@/core/layers/layer';
import type { LogPage } from '@/server/logPage';
import { FilterLayout } from '../frame/FilterLayout';
import { lazyPart } from '../frame/lazyPart';
import { CareForms } from './CareForms';
import { EntriesAhead } from './EntriesAhead';
import { layerNames } from './layerNames';
import { LogList } from './LogList';
import styles from './LogSheet.module.css';

interface Props {
  readonly filter: Filter;
  readonly job: Job | null;
  /** What is in it, as far as is known. */
  readonly layers: readonly Layer[];
  /** Air-driven filters beside it in the tank. */
  readonly airFilters: number;
  /** The newest page of its log. */
  readonly first: LogPage;
  /** ISO moment of looking. */
  readonly now: string;
}

// Few logs come from a file.
const LogFile = lazyPart(() => import('./LogFile').then((module) => module.LogFile));

/** The log of a filter: what was done and seen, entered here and found again. */
export function LogSheet({ filter, job, layers, airFilters, first, now }: Props) {
  /** Counts what was added here, so that the list asks for its page anew. */
  const [added, setAdded] = useState(0);
  const [said, setSaid] = useState('');
  const isIn = () => setAdded((count) => count + 1);
  const nameOf = layerNames(layers);
  return (
    <FilterLayout page="Log" filter={filter} job={job} here="log">
      <EntriesAhead entries={first.entries} now={now} />
      <div className={styles.sheet}>
        <section aria-label="New entry" className={styles.part}>
          <h2 className="title">New entry</h2>
          <CareForms
            filter={filter}
            airFilters={airFilters}
            layers={layers}
            onSaved={(entry) => {
              if (entry === null) return;
              setSaid('Saved to the log.');
              isIn();
            }}
            onPhotos={isIn}
          />
          <p role="status">{said}</p>
        </section>
        <LogList filterId={filter.id} first={first} added={added} nameOf={nameOf} />
        <LogFile filterId={filter.id} nameOf={nameOf} onChanged={isIn} />
      </div>
    </FilterLayout>
  );
}
