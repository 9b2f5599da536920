'use client';
import { useState, type ComponentProps } from 'react';
import type { Filter } from '@/core/filter/filter';
import { FILTER_KINDS } from '@/core/filter/filterKindWords';
import type { Job } from '@/core/job/job';
import {
  careTabs,
  isOfRepack,
  stations,
  whereItOpens,
  whereRepackOpens,
  type FilterPlace,
} from './filterPlaces';
import { PageLayout } from './PageLayout';
import { PlaceSwitch } from './PlaceSwitch';
import { Stations } from './Stations';
import { TabRow } from './TabRow';

interface Props extends Pick<
  ComponentProps<typeof PageLayout>,
  'shortcuts' | 'status' | 'slim' | 'page' | 'children'
> {
  readonly filter: Filter;
  /** The open job; null between jobs. */
  readonly job: Job | null;
  readonly here: FilterPlace;
}

/** A page of one filter: the way back to all filters, its name, its two places, and the pages of the one it is in. */
export function FilterLayout({ filter, job, here, children, ...page }: Props) {
  const [waits, setWaits] = useState<string | null>(null);
  const isRepack = isOfRepack(here);
  return (
    <PageLayout
      {...page}
      title={filter.name}
      subtitle={FILTER_KINDS[filter.kind].name}
      back={{ label: 'Filters', href: '/' }}
      places={
        <PlaceSwitch
          care={whereItOpens(filter.id, null)}
          repack={whereRepackOpens(filter.id, job)}
          isRepack={isRepack}
        />
      }
      nav={
        isRepack ? (
          <Stations stations={stations(filter.id, job, here)} onWaits={setWaits} />
        ) : (
          <TabRow label="Care" links={careTabs(filter.id, here)} />
        )
      }
      notice={waits}
    >
      {children}
    </PageLayout>
  );
}
