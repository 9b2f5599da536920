'use client';
import { flowShares, type FilterFlow } from '@/core/service/flowShares';
import type { Tank } from '@/core/tank/tank';
import { useWords } from '../fields/Habits';
import { AppLink } from '../frame/AppLink';
import styles from './TankFilters.module.css';

/** All filters of a tank with their shares of the flow, and the way to add one more. */
export function TankFilters({
  tank,
  flows,
  hereId,
}: {
  tank: Tank;
  flows: readonly FilterFlow[];
  hereId: string;
}) {
  const words = useWords();
  const shares = flowShares(flows);
  return (
    <section aria-label="Filters on this tank" className={styles.filters}>
      <h2 className="caption">Filters on this tank</h2>
      <ul>
        {shares.map((one) => (
          <li key={one.filterId} className={styles.row}>
            <span>
              {one.filterId === hereId ? (
                <strong>{one.name}</strong>
              ) : (
                <AppLink href={`/filter/${one.filterId}/measure`}>{one.name}</AppLink>
              )}
            </span>
            <span className="figure">
              {one.measured ? '' : 'about '}
              {words.show({ kind: 'flow', si: one.flow })}
            </span>
            <span className={styles.share}>{words.show({ kind: 'share', si: one.share })}</span>
          </li>
        ))}
      </ul>
      {shares.every((one) => one.measured) ? null : (
        <p className="quiet">“About”: not timed yet, predicted from pump and pack.</p>
      )}
      <AppLink href={`/new?tank=${tank.id}`}>Add another filter to this tank</AppLink>
    </section>
  );
}
