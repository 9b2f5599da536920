'use client';
import { flowShares, type FilterFlow } from '@/core/service/flowShares';
import type { Tank } from '@/core/tank/tank';
import { useWords } from '../fields/UnitsProvider';
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
        {shares.map((share) => (
          <li key={share.filterId} className={styles.row}>
            <span>
              {share.filterId === hereId ? (
                <strong>{share.name}</strong>
              ) : (
                <AppLink href={`/filter/${share.filterId}/measure`}>{share.name}</AppLink>
              )}
            </span>
            <span className="figure">
              {share.measured ? '' : 'about '}
              {words.show({ kind: 'flow', si: share.flow })}
            </span>
            <span className={styles.share}>{words.show({ kind: 'share', si: share.share })}</span>
          </li>
        ))}
      </ul>
      {shares.every((item) => item.measured) ? null : (
        <p className="quiet">“About” means predicted from the pump and pack, not measured.</p>
      )}
      <AppLink href={`/new?tank=${tank.id}`}>Add another filter to this tank</AppLink>
    </section>
  );
}
