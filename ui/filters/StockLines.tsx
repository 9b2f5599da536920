import type { HomePage } from '@/server/homePage';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import styles from './TodayList.module.css';

/** What will not be on the shelf when it is wanted. */
export function StockLines({ stock: { warnings, more } }: { readonly stock: HomePage['stock'] }) {
  const words = useWords();
  if (warnings.length === 0) return null;
  return (
    <section aria-label="To buy" className={styles.today}>
      <ul>
        {warnings.map(({ key, inDays, says }) => (
          <li key={key} className={styles.item}>
            <AppLink href="/shelf">To buy</AppLink>
            <span className={styles.when} data-now={inDays <= 0}>
              {inDays <= 0 ? 'needed now' : inDays === 1 ? 'by tomorrow' : `within ${inDays} days`}
            </span>
            <span>{words.say(says)}</span>
          </li>
        ))}
      </ul>
      {more > 0 ? <p className="quiet">and {more} more items to buy</p> : null}
    </section>
  );
}
