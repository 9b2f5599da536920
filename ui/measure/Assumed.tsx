'use client';
import type { Assumption } from '@/core/report/assumptions';
import { useWords } from '../fields/UnitsProvider';
import { CollapsibleSection } from '../frame/CollapsibleSection';
import styles from './Assumed.module.css';

/** What has not been measured yet, and what depends on each. */
export function Assumed({ list }: { list: readonly Assumption[] }) {
  const words = useWords();
  if (list.length === 0) return null;
  return (
    <CollapsibleSection
      title="Assumed so far"
      says={`${list.length === 1 ? 'one value' : `${list.length} values`}: you can go on, and measure later`}
      attention
    >
      <ul className={styles.list}>
        {list.map((item) => (
          <li key={item.key}>
            {words.say(item.what)} <span className="quiet">This affects {item.influences}.</span>
          </li>
        ))}
      </ul>
    </CollapsibleSection>
  );
}
