'use client';
import type { Trouble } from '@/server/trouble';
import { PageLayout } from '../frame/PageLayout';
import { mainLinks } from '../frame/mainLinks';
import { TabRow } from '../frame/TabRow';
import { lazyPart } from '../frame/lazyPart';
import styles from './DataCheckPage.module.css';

// Every page can come to this, and hardly any does.
const TroubleList = lazyPart(() => import('./TroubleList').then((module) => module.TroubleList));

/** Stands in for a sheet whose documents cannot be used; without any it says that all can be read. */
export function DataCheckPage({ troubles }: { troubles: readonly Trouble[] }) {
  return (
    <PageLayout
      title="Data check"
      subtitle="Saved records that cannot be read"
      nav={<TabRow label="Main" links={mainLinks('')} />}
    >
      <div className={styles.sheet}>
        {troubles.length === 0 ? <p>All saved records can be read.</p> : <TroubleList troubles={troubles} />}
      </div>
    </PageLayout>
  );
}
