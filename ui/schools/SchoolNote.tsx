import type { School, Schools } from '@/core/findings/schools';
import { type Position, SCHOOL_WORDS } from '@/core/findings/schoolWords';
import { AppLink } from '../frame/AppLink';
import styles from './SchoolNote.module.css';

/** By which school a finding was judged, and where to choose another. */
export function SchoolNote({ school, schools }: { school: School; schools: Schools }) {
  const { question } = SCHOOL_WORDS[school];
  return (
    <p className={styles.note}>
      {question}: keepers disagree. Your choice: {positionOf(school, schools).name}.{' '}
      <AppLink href="/settings#schools">Change</AppLink>
    </p>
  );
}

/** The position the keeper holds on a question. */
export function positionOf(school: School, schools: Schools): Position {
  const positions = SCHOOL_WORDS[school].positions as Readonly<Record<string, Position>>;
  const position = positions[schools[school]];
  if (position === undefined) throw new Error(`No position “${schools[school]}” on ${school}.`);
  return position;
}
