import type { ReactNode } from 'react';
import type { Occasion } from '@/core/job/job';
import { EXPLANATIONS } from '../frame/explanations';
import styles from './Doors.module.css';

/** The ways to begin with a filter of which no pack is on record, in the words of someone who stands before it. */
const DOORS: readonly { readonly occasion: Occasion; readonly title: string; readonly what: string }[] = [
  {
    occasion: 'first pack',
    title: 'It’s new, from the box',
    what: EXPLANATIONS['Set up a new filter'],
  },
  {
    occasion: 'repack',
    title: 'I’m opening it now',
    what: EXPLANATIONS['Strip the filter'],
  },
  {
    occasion: 'plan',
    title: 'I only want to plan',
    what: 'The filter stays closed and keeps running. You can cancel at any time.',
  },
];

/** Three ways to begin, told apart. @param button the button that begins a job */
export function Doors({ button }: { readonly button: (occasion: Occasion) => ReactNode }) {
  return (
    <section aria-label="How do you want to begin?" className={styles.doors}>
      {DOORS.map(({ occasion, title, what }) => (
        <div key={occasion} className={styles.door}>
          <h2>{title}</h2>
          <p>{what}</p>
          {button(occasion)}
        </div>
      ))}
    </section>
  );
}
