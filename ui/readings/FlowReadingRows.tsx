import type { Filter } from '@/core/filter/filter';
import type { CleanFlowFit } from '@/core/hydraulics/cleanFlowFit';
import { turnover } from '@/core/hydraulics/turnover';
import type { PackReport } from '@/core/report/evaluatePack';
import type { FlowState } from '@/core/service/flowState';
import { useWords } from '../fields/UnitsProvider';
import { Quantity } from '../fields/Quantity';
import { daysAgo } from '../fields/daysAgo';
import type { Words } from '../fields/wordsFor';
import styles from './ReadingRows.module.css';

interface Props {
  readonly filter: Filter;
  readonly report: PackReport;
  readonly flow: FlowState;
  readonly fit: CleanFlowFit | null;
}

/** The measured flow and what it does for this tank. It belongs to the pack that was in when it was timed. */
export function FlowReadingRows({ filter, report, flow, fit }: Props) {
  const words = useWords();
  const newest = flow.readings.at(-1);
  if (newest === undefined)
    return (
      <div className={styles.row}>
        <dt className={styles.label}>Measured flow</dt>
        <dd className={styles.value}>not measured</dd>
        <dd className={styles.word}>measure it under Flow</dd>
      </div>
    );
  const { mean, spread } = newest.flow;
  return (
    <>
      <div className={styles.row}>
        <dt className={styles.label}>Measured flow</dt>
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
      {fit === null || flow.clean === null ? null : (
        <div className={styles.row} data-stop={fit.verdict === 'unexplained'}>
          <dt className={styles.label}>Measured clean flow</dt>
          <dd className={styles.value} data-testid="reading-clean-flow">
            <Quantity value={{ kind: 'flow', si: flow.clean.flow.mean }} />
          </dd>
          <dd className={styles.word}>{fitWord(fit, flow.clean.flow.mean, words)}</dd>
        </div>
      )}
      <div className={styles.row}>
        <dt className={styles.label}>Measured turnover</dt>
        <dd className={styles.value} data-testid="reading-measured-turnover">
          <Quantity value={{ kind: 'turnover', si: turnover(mean, report.sizing.tankVolume) }} />
        </dd>
        <dd className={styles.word}>with the pack at that time</dd>
      </div>
    </>
  );
}

/** Agreement, what explains the difference, or which entry is likely wrong. */
function fitWord({ predicted, low, high, verdict }: CleanFlowFit, measured: number, words: Words): string {
  const show = (si: number): string => words.show({ kind: 'flow', si });
  const said = `${show(predicted)} predicted for the pack at that time`;
  if (verdict === 'agrees') return `matches the ${said}`;
  const range = `${show(low)} to ${show(high)} with the assumed pump and hoses`;
  if (verdict === 'fits') return `${said}, ${range}`;
  return measured > predicted
    ? `${said}, at most ${show(high)}: check the flow on the label, the inside width of the hoses and the size of the jug`
    : `${said}, at least ${show(low)}: check for a half-closed tap or a slimy hose, and the flow on the label`;
}
