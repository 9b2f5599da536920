'use client';
import type { WaterLost } from '@/core/care/waterLost';
import { describeWaterLoss } from '@/core/care/describeWaterLoss';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import styles from './OutlookPart.module.css';

/** What the top-ups say: whether more water is lost than evaporates. */
export function WaterLostPart({ filterId, lost }: { readonly filterId: string; readonly lost: WaterLost }) {
  const words = useWords();
  const { state, why, assumed } = describeWaterLoss(lost);
  return (
    <section aria-label="Water lost" className={styles.lost}>
      <p className={lost.leaks ? styles.odd : undefined}>
        <strong>{words.say(state)}</strong> {words.say(why)}
      </p>
      {lost.leaks ? (
        <p>
          Check for leaks under the filter, behind it and at each joint.{' '}
          <AppLink href={`/filter/${filterId}/fault`}>Find a fault</AppLink>
        </p>
      ) : null}
      {assumed === null ? null : (
        <p className="quiet">
          {assumed} <AppLink href={`/filter/${filterId}/measure`}>Enter it under Measure</AppLink>
        </p>
      )}
    </section>
  );
}
