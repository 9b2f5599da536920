'use client';
import Checkbox from '@mui/material/Checkbox';
import type { PackedStep } from '@/core/job/job';
import { mediumOf } from '@/core/layers/mediumOf';
import type { Layer } from '@/core/layers/layer';
import { PHASE_WORDS, REPACK_PHASES, type RepackStep } from '@/core/repack/repackStep';
import { Swatch } from '../drawing/Swatch';
import { useWords } from '../fields/UnitsProvider';
import styles from './StepList.module.css';

interface Props {
  readonly steps: readonly RepackStep[];
  readonly layersIn: number;
  readonly layers: readonly Layer[];
  readonly packed: readonly PackedStep[];
  readonly currentKey: string;
  readonly isDone: (step: RepackStep) => boolean;
  readonly onTick: (step: RepackStep, on: boolean) => void;
  readonly onChoose: (step: RepackStep) => void;
}

/** Every step of the repack, part by part; layers in packing order with what they are. */
export function StepList({ steps, layersIn, layers, packed, currentKey, isDone, onTick, onChoose }: Props) {
  const words = useWords();
  const layerSteps = steps.filter(({ layerId }) => layerId !== null);
  const nameOf = (step: RepackStep): string =>
    step.layerId === null ? step.title : `${layerSteps.indexOf(step) + 1}: ${step.title} is in`;
  return REPACK_PHASES.map((phase) => {
    const own = steps.filter((step) => step.phase === phase);
    if (own.length === 0) return null;
    return (
      <div key={phase} className={styles.phase}>
        <h2 className="caption">
          {PHASE_WORDS[phase]}
          {phase === 'pack' ? ` in this order · ${layersIn} of ${layerSteps.length} in` : ''}
        </h2>
        <ol>
          {own.map((step) => {
            const layer = layers.find(({ id }) => id === step.layerId);
            const note = packed.find(({ layerId }) => layerId === step.layerId)?.note ?? '';
            const current = step.key === currentKey;
            return (
              <li key={step.key} className={styles.row} data-current={current} data-done={isDone(step)}>
                <Checkbox
                  checked={isDone(step)}
                  onChange={(_, on) => onTick(step, on)}
                  slotProps={{ input: { 'aria-label': nameOf(step) } }}
                  className={styles.tick}
                />
                <button
                  type="button"
                  className={styles.choose}
                  aria-current={current ? 'step' : undefined}
                  onClick={() => onChoose(step)}
                >
                  {layer === undefined ? null : (
                    <>
                      <span className={styles.number}>{layerSteps.indexOf(step) + 1}</span>
                      <Swatch medium={mediumOf(layer)} width={34} height={26} />
                    </>
                  )}
                  <span>
                    <span className={styles.name}>{step.title}</span>
                    {layer === undefined ? null : (
                      <span className={styles.where}>
                        {step.says.slice(0, 2).map(words.say).join(' ')} {note}
                      </span>
                    )}
                  </span>
                </button>
              </li>
            );
          })}
        </ol>
      </div>
    );
  });
}
