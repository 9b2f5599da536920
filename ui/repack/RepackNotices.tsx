import Button from '@mui/material/Button';
import { mediumOf } from '@/core/layers/mediumOf';
import type { PlanChanges } from '@/core/repack/planChanges';
import { AppLink } from '../frame/AppLink';
import styles from './RepackSheet.module.css';

interface Props {
  /** Address of the pack card once the repack was finished elsewhere; null: it goes on. */
  readonly finished: string | null;
  readonly changes: PlanChanges;
  readonly takeOut: (layerId: string) => void;
}

/** What has changed elsewhere since the repack began. */
export function RepackNotices({ finished, changes, takeOut }: Props) {
  const { notPlanned, inTheWay } = changes;
  return (
    <>
      {finished === null ? null : (
        <p role="alert" className={styles.change}>
          This repack was finished on another device. <AppLink href={finished}>Go to the pack card</AppLink>
        </p>
      )}
      {notPlanned.length === 0 ? null : (
        <div role="alert" className={styles.change}>
          <p>
            The plan has changed. {notPlanned.length}{' '}
            {notPlanned.length === 1 ? 'layer that is in is' : 'layers that are in are'} no longer in it. Take
            out any layer that is not on the list.
          </p>
          <Button onClick={() => notPlanned.forEach(takeOut)}>Mark as taken out</Button>
        </div>
      )}
      {inTheWay.length === 0 ? null : (
        <p role="alert" className={styles.change}>
          First take out: {inTheWay.map((layer) => mediumOf(layer).name).join('; ')}. A missing piece goes
          underneath.
        </p>
      )}
    </>
  );
}
