'use client';
import type { FlowAfter } from '@/core/repack/flowAfter';
import { useWords } from '../fields/Habits';
import { VerdictLine } from '../frame/VerdictLine';
import styles from './HoldsPart.module.css';

interface Props {
  readonly after: FlowAfter;
  /** m³/s */
  readonly measured: number;
  /** Flow timed before the repack, m³/s; null: none. */
  readonly before: number | null;
}

/** The flow after the repack against its prediction: agreement, or why not and how to tell. */
export function FlowAfterPart({ after: { fit, side, reasons }, measured, before }: Props) {
  const words = useWords();
  const flow = (si: number): string => words.show({ kind: 'flow', si });
  return (
    <div className={styles.part}>
      <VerdictLine level={fit.verdict === 'unexplained' ? 'check' : 'works'}>
        {
          {
            agrees: `Clean flow ${flow(measured)}: as predicted.`,
            weaker: `Clean flow ${flow(measured)}: less than predicted.`,
            stronger: `Clean flow ${flow(measured)}: more than predicted.`,
          }[side]
        }
      </VerdictLine>
      <p>
        Predicted {flow(fit.predicted)}, likely range {flow(fit.low)} to {flow(fit.high)}.
        {before === null ? '' : ` Before the repack: ${flow(before)}.`}
        {fit.verdict === 'fits'
          ? ' What is assumed of pump and hoses can explain it; check the causes all the same.'
          : ''}
      </p>
      {reasons.length === 0 ? null : (
        <>
          <h3 className="caption">Likeliest first</h3>
          <ol className={styles.list}>
            {reasons.map(({ cause, check }, index) => (
              <li key={cause}>
                {index + 1}. <strong>{cause}</strong> {check}
              </li>
            ))}
          </ol>
        </>
      )}
    </div>
  );
}
