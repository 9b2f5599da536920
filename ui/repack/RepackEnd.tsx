import type { ReactNode } from 'react';
import type { RepackSteps } from './useRepackSteps';
import styles from './RepackSheet.module.css';

/** Steps that are named one by one where some were not ticked. */
const MAX_NAMED = 4;

interface Props extends Pick<RepackSteps, 'steps' | 'done' | 'layers' | 'layersIn' | 'isDone'> {
  /** What it holds now, and how the flow is after it; null: no flow was measured. */
  readonly holds: ReactNode;
  readonly flowAfter: ReactNode;
  readonly finish: ReactNode;
}

/** The end of the list: what was left out, what the pack is now, and the button that ends the repack. */
export function RepackEnd({ steps, done, layers, layersIn, isDone, holds, flowAfter, finish }: Props) {
  const left = steps.filter((step) => !isDone(step));
  return (
    <div className={styles.text}>
      <h2 className={styles.title}>
        {layersIn === layers
          ? 'All layers are in.'
          : `${layers - layersIn} of ${layers} layers are not ticked.`}
      </h2>
      {done < steps.length ? (
        <p className={styles.say}>
          {left.length} {left.length === 1 ? 'step is' : 'steps are'} not ticked:{' '}
          {left
            .slice(0, MAX_NAMED)
            .map(({ title }) => title)
            .join('; ')}
          {left.length > MAX_NAMED ? ' and more' : ''}.
        </p>
      ) : null}
      {holds}
      {flowAfter ?? (
        <p className="quiet">
          You did not measure the flow, so you cannot tell later how clogged the filter is.
        </p>
      )}
      {finish}
    </div>
  );
}
