import type { Filter } from '@/core/filter/filter';
import { turnover } from '@/core/hydraulics/turnover';
import type { PackReport } from '@/core/report/evaluatePack';
import type { FlowState } from '@/core/service/flowState';
import { useWords } from '../fields/Habits';
import { Quantity } from '../fields/Quantity';
import { daysAgo } from '../fields/daysAgo';
import styles from './ReadingsPanel.module.css';

interface Props {
  readonly filter: Filter;
  readonly report: PackReport;
  readonly flow: FlowState;
}

/** The measured flow and what it does for this tank. It belongs to the pack that was in when it was timed. */
export function FlowReadingRows({ filter, report, flow }: Props) {
  const words = useWords();
  const newest = flow.readings.at(-1);
  if (newest === undefined)
    return (
      <div className={styles.row}>
        <dt className={styles.label}>Flow, by jug</dt>
        <dd className={styles.value}>not measured</dd>
        <dd className={styles.word}>time it with a jug under Flow</dd>
      </div>
    );
  const { mean, spread } = newest.flow;
  return (
    <>
      <div className={styles.row}>
        <dt className={styles.label}>Flow, by jug</dt>
        <dd className={styles.value} data-testid="reading-measured-flow">
          <Quantity value={{ kind: 'flow', si: mean }} />
        </dd>
        <dd className={styles.then}>
          {spread === null ? 'one filling' : `±${words.show({ kind: 'flow', si: spread })}`}
        </dd>
        <dd className={styles.word} suppressHydrationWarning>
          {daysAgo(newest.at)}; {words.show({ kind: 'share', si: mean / filter.labelFlow })} of the label
        </dd>
      </div>
      <div className={styles.row}>
        <dt className={styles.label}>Turnover, by jug</dt>
        <dd className={styles.value} data-testid="reading-measured-turnover">
          <Quantity value={{ kind: 'turnover', si: turnover(mean, report.sizing.tankVolume) }} />
        </dd>
        <dd className={styles.word}>of the pack that was in then</dd>
      </div>
    </>
  );
}
