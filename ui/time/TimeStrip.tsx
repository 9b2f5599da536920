'use client';
import { lazyPart, usePreload } from '../frame/lazyPart';
import { FailedForecast } from './FailedForecast';
import styles from './TimeStrip.module.css';
import type { TimeStripProps } from './timeStripProps';
import { isWorkingOut } from './useRange';

const WORKING_OUT = <p className="quiet">Working out the forecast …</p>;

// Loaded once there is a forecast to draw.
const TimeCourse = lazyPart(() => import('./TimeCourse').then((module) => module.TimeCourse), WORKING_OUT);

/** Flow over a year with likely range, the day that the bench shows, and the visits planned. */
export function TimeStrip(props: TimeStripProps) {
  const { found, failed, retry, range, stale } = props;
  usePreload(TimeCourse);
  return (
    <section aria-label="Over time" className={styles.strip} aria-busy={stale || isWorkingOut(range)}>
      {found === null ? (
        failed ? (
          <FailedForecast onRetry={retry} />
        ) : (
          WORKING_OUT
        )
      ) : (
        <TimeCourse {...props} forecast={found.forecast} />
      )}
    </section>
  );
}
