'use client';
import { useState } from 'react';
import type { Filter } from '@/core/filter/filter';
import { isOut } from '@/core/job/isOut';
import type { Job } from '@/core/job/job';
import type { Layer } from '@/core/layers/layer';
import type { LogEntry } from '@/core/log/logEntry';
import type { Surroundings } from '@/core/report/surroundings';
import type { Tank } from '@/core/tank/tank';
import type { OutlookState } from '@/store/outlooks';
import { FilterLayout } from '../frame/FilterLayout';
import { withEntries } from '../log/withEntries';
import { OutlookPart } from '../outlook/OutlookPart';
import { useServerState } from '../state/useServerState';
import { EntriesAhead } from './EntriesAhead';
import { LastEntries } from './LastEntries';
import { layerNames } from './layerNames';
import { QuickLook } from './QuickLook';

interface Props {
  readonly filter: Filter;
  readonly job: Job | null;
  /** What is in it, as far as is known. */
  readonly layers: readonly Layer[];
  /** A finished repack says so. */
  readonly isPacked: boolean;
  /** The newest entries of its log, newest first. */
  readonly last: readonly LogEntry[];
  readonly tank: Tank;
  /** The other filters of the tank. */
  readonly others: Surroundings['others'];
  readonly outlook: OutlookState;
  /** Flows, services, repacks and water changes: what is due depends on them. */
  readonly log: readonly LogEntry[];
  /** ISO moment of looking. */
  readonly now: string;
}

/** Today: the state of a filter between services, what is due, and what was seen last, on one screen. */
export function TodaySheet({
  filter,
  job,
  layers,
  isPacked,
  last,
  tank,
  others,
  outlook,
  log: logged,
  now,
}: Props) {
  const [log, setLog] = useServerState(logged);
  const [entries, setEntries] = useServerState(last);
  const [changed, setChanged] = useState(0);
  const put = (before: LogEntry | null, after: LogEntry | null) => {
    const [gone, come] = [before === null ? [] : [before], after === null ? [] : [after]];
    setLog((known) => withEntries(known, gone, come));
    setEntries((known) => [...come, ...known.filter(({ id }) => id !== before?.id)]);
    setChanged((count) => count + 1);
  };
  return (
    <FilterLayout filter={filter} job={job} here="care">
      <EntriesAhead entries={entries} now={now} />
      <OutlookPart
        {...{ filter, tank, layers, isPacked, others, log, changed, now }}
        onLog={put}
        first={outlook}
        job={job}
        packIsOut={job !== null && isOut(job.stage)}
        look={<QuickLook filter={filter} log={log} onLog={put} />}
        last={
          <LastEntries
            filterId={filter.id}
            isPacked={isPacked}
            entries={entries}
            nameOf={layerNames(layers)}
          />
        }
      />
    </FilterLayout>
  );
}
