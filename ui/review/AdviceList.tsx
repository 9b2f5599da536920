'use client';
import Button from '@mui/material/Button';
import NativeSelect from '@mui/material/NativeSelect';
import { useMemo } from 'react';
import { mediumOf } from '@/core/layers/mediumOf';
import { placeLayers } from '@/core/layers/placeLayers';
import type { Treatment } from '@/core/layers/layer';
import { TREATMENTS } from '@/core/layers/layerStates';
import { treatmentsFor } from '@/core/findings/treatmentsFor';
import { layerAdvice } from '@/core/findings/layerAdvice';
import { upperFirst } from '@/core/units/firstLetter';
import type { PackBench } from '../bench/usePackBench';
import { Swatch } from '../drawing/Swatch';
import { useWords } from '../fields/UnitsProvider';
import styles from './AdviceList.module.css';

const TREATMENT_WORDS: Readonly<Record<Treatment, string>> = {
  keep: 'keep as it is',
  squeeze: 'squeeze and keep',
  rinse: 'rinse and keep',
  move: 'move elsewhere',
  cut: 'cut a new piece',
  recharge: 'recharge',
  'replace in stages': 'replace in stages',
  'throw away': 'throw away',
};

/** What happens to each layer: the app’s advice with its reason, and what the keeper decides. */
export function AdviceList({ bench }: { bench: PackBench }) {
  const words = useWords();
  const { editing, input, report, select, selectedId } = bench;
  const advice = useMemo(
    () => layerAdvice(placeLayers(input.filter, input.layers), report.findings, input.schools),
    [input.filter, input.layers, input.schools, report.findings],
  );
  const layers = new Map(editing.layers.map((layer) => [layer.id, layer]));
  const open = advice.filter(({ layerId, treatment }) => layers.get(layerId)?.treatment !== treatment);
  return (
    <section aria-label="What to do with each layer" className={styles.panel}>
      <h2 className={`caption ${styles.heading}`}>What to do with each layer</h2>
      <ol>
        {advice.map(({ layerId, treatment, reason }, index) => {
          const layer = layers.get(layerId);
          if (layer === undefined) return null;
          const medium = mediumOf(layer);
          return (
            <li key={layerId} className={styles.row} data-chosen={layerId === selectedId}>
              <button type="button" className={styles.name} onClick={() => select(layerId)}>
                <span className={styles.number}>{index + 1}</span>
                <Swatch medium={medium} width={30} height={22} />
                <span>{medium.name}</span>
              </button>
              <p className={styles.advice}>
                <strong>{upperFirst(TREATMENT_WORDS[treatment])}.</strong> {words.say(reason)}
              </p>
              <label className={styles.decided}>
                <span className="caption">your decision</span>
                <NativeSelect
                  value={layer.treatment ?? 'open'}
                  onChange={(event) => {
                    const value = TREATMENTS.find((item) => item === event.target.value) ?? null;
                    editing.edit({ type: 'set', layerId, change: { treatment: value } });
                  }}
                >
                  <option value="open">not yet</option>
                  {treatmentsFor(medium)
                    .concat(
                      layer.treatment === null || treatmentsFor(medium).includes(layer.treatment)
                        ? []
                        : [layer.treatment],
                    )
                    .map((value) => (
                      <option key={value} value={value}>
                        {TREATMENT_WORDS[value]}
                      </option>
                    ))}
                </NativeSelect>
              </label>
            </li>
          );
        })}
      </ol>
      {advice.length === 0 ? <p>No layers yet. Enter them on Strip.</p> : null}
      {open.length === 0 ? null : (
        <Button
          onClick={() =>
            editing.edit({
              type: 'all',
              edits: open.map(({ layerId, treatment }) => ({ type: 'set', layerId, change: { treatment } })),
            })
          }
        >
          Accept the advice for {open.length === 1 ? 'one layer' : `${open.length} layers`}
        </Button>
      )}
    </section>
  );
}
