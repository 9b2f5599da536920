'use client';
import type { Assumption } from '@/core/report/assumptions';
import { useWords } from '../fields/Habits';
import { Fold } from '../frame/Fold';
import styles from './Assumed.module.css';

/** What nobody has measured yet, and what hangs on each. */
export function Assumed({ list }: { list: readonly Assumption[] }) {
  const words = useWords();
  if (list.length === 0) return null;
  return (
    <Fold
      title="Assumed so far"
      says={`${list.length === 1 ? 'one thing' : `${list.length} things`}: go on with them, measure when it suits`}
      attention
    >
      <ul className={styles.list}>
        {list.map((item) => (
          <li key={item.key}>
            {words.say(item.what)} <span className="quiet">This decides {item.influences}.</span>
          </li>
        ))}
      </ul>
    </Fold>
  );
}
