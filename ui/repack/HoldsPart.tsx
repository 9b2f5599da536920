'use client';
import { useMemo } from 'react';
import { findingIdentity } from '@/core/findings/findingIdentity';
import { plannedMass } from '@/core/job/fittedThickness';
import type { PackedStep } from '@/core/job/job';
import { mediumOf } from '@/core/layers/mediumOf';
import { reportAsPacked } from '@/core/repack/reportAsPacked';
import type { WentIn } from '@/core/repack/wentIn';
import type { PackInput } from '@/core/report/packMeasures';
import { VerdictLine } from '../frame/VerdictLine';
import { useWords } from '../fields/UnitsProvider';
import styles from './HoldsPart.module.css';

interface Props {
  /** What the plan is judged by. */
  readonly plan: PackInput;
  readonly packed: readonly PackedStep[];
  readonly went: WentIn;
}

/** Share from which a change of flow or surface is shown. */
const MIN_TOLD_CHANGE = 0.01;

/** Weights and differences from the plan, and whether the pack still holds. */
export function HoldsPart({ plan, packed, went }: Props) {
  const words = useWords();
  const { filter, layers: planned } = plan;
  const { differing } = went;
  const { fresh, holds, flowShare, surfaceShare } = useMemo(() => reportAsPacked(went, plan), [went, plan]);
  const stepOf = (id: string) => packed.find(({ layerId }) => layerId === id);
  const weighed = planned.filter(({ id }) => stepOf(id)?.mass != null);
  const missing = planned.filter(({ id }) => stepOf(id) === undefined);
  const percent = (share: number): string => words.show({ kind: 'share', si: share });
  return (
    <div className={styles.part}>
      <VerdictLine level={holds ? 'works' : fresh[0]?.level === 'urgent' ? 'urgent' : 'check'}>
        {differing.length === 0
          ? 'You packed it as planned.'
          : holds
            ? 'You packed it differently, and that is fine.'
            : 'You packed it differently, and this causes a problem.'}
      </VerdictLine>
      {missing.length === 0 ? null : (
        <p>Not ticked, so taken as planned: {missing.map((layer) => mediumOf(layer).name).join('; ')}.</p>
      )}
      {fresh.map((finding) => (
        <p key={findingIdentity(finding)} className={styles.fresh}>
          <strong>{words.say(finding.title)}</strong> {words.say(finding.reason)}
        </p>
      ))}
      {differing.length === 0 ? null : (
        <ul className={styles.list}>
          {planned
            .filter(({ id }) => differing.includes(id))
            .map((layer) => {
              const now = went.layers.find(({ id }) => id === layer.id)?.thickness ?? layer.thickness;
              return (
                <li key={layer.id}>
                  {mediumOf(layer).name}: {words.show({ kind: 'length', si: now })}, planned{' '}
                  {words.show({ kind: 'length', si: layer.thickness })}
                </li>
              );
            })}
          {flowShare === null || Math.abs(flowShare - 1) < MIN_TOLD_CHANGE ? null : (
            <li>Predicted flow: {percent(flowShare)} of the plan’s</li>
          )}
          {surfaceShare === null || Math.abs(surfaceShare - 1) < MIN_TOLD_CHANGE ? null : (
            <li>Surface for bacteria: {percent(surfaceShare)} of the plan’s</li>
          )}
        </ul>
      )}
      {weighed.length === 0 ? null : (
        <ul className={styles.list}>
          {weighed.map((layer) => (
            <li key={layer.id}>
              {mediumOf(layer).name}: {words.show({ kind: 'mass', si: stepOf(layer.id)?.mass ?? 0 })} of{' '}
              {words.show({ kind: 'mass', si: plannedMass(filter, layer) ?? 0 })} packed
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
