'use client';
import Button from '@mui/material/Button';
import { AppLink } from '../frame/AppLink';
import { FileDrop } from '../files/FileDrop';
import { TryOut } from './TryOut';
import styles from './AddFilter.module.css';

/** Home while there is no filter: it starts the work. */
export function AddFilter() {
  return (
    <section className={styles.empty} aria-label="Get started">
      <svg width={420} height={110} viewBox="0 0 420 110" aria-hidden="true" className={styles.drawing}>
        <path
          d="M40 15 H380 V95 H40z M120 15 V95 M180 15 V95 M225 15 V95"
          fill="none"
          stroke="var(--rule)"
          strokeDasharray="5 4"
        />
        <path
          d="M6 55 h26 m-8 -7 l8 7 l-8 7 M388 55 h26 m-8 -7 l8 7 l-8 7"
          fill="none"
          stroke="var(--river)"
          strokeWidth={3}
        />
      </svg>
      <h2 className="title">You have no filters yet.</h2>
      <p>
        Add your first filter. Its kind, the size of the tank and the daily food are enough to start. The app
        assumes the rest, marks it as assumed, and you can measure it later.
      </p>
      <p className={styles.ways}>
        <Button variant="contained" component={AppLink} href="/new">
          Add a filter
        </Button>
        <TryOut method="POST" />
      </p>
      <p className={styles.or}>Or open a saved Neat Layer file:</p>
      <FileDrop />
    </section>
  );
}
