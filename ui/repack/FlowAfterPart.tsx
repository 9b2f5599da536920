'use client';
import { useMemo } from 'react';
import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import { flowAfter } from '@/core/repack/flowAfter';
import { useWords } from '../fields/UnitsProvider';
import { VerdictLine } from '../frame/VerdictLine';
import styles from './HoldsPart.module.css';

interface Props {
  readonly filter: Filter;
  /** As they went in. */
  readonly packed: readonly Layer[];
  /** What was in it before. */
  readonly found: readonly Layer[];
  /** Of the water, °C. */
  readonly celsius: number;
  /** Flow timed after the repack, m³/s. */
  readonly measured: number;
  /** Flow timed before the repack, m³/s; null: none. */
  readonly before: number | null;
}

/** The flow after the repack against its prediction: agreement, or why not and how to tell. */
export function FlowAfterPart({ filter, packed, found, celsius, measured, before }: Props) {
  const words = useWords();
  const { fit, side, reasons } = useMemo(
    () => flowAfter(filter, packed, new Set(found.map(({ id }) => id)), celsius, measured),
    [filter, packed, found, celsius, measured],
  );
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
          ? ' The assumed pump and hoses may explain this, but check the causes anyway.'
          : ''}
      </p>
      {reasons.length === 0 ? null : (
        <>
          <h3 className="caption">Most likely cause first</h3>
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
