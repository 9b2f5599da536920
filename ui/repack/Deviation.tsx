'use client';
import { LONGEST_NOTE } from '@/core/document/longestNote';
import Button from '@mui/material/Button';
import { TextInput } from '../fields/TextInput';
import { useState } from 'react';
import { JOB_BOUNDS } from '@/core/job/jobBounds';
import { type PackedStep } from '@/core/job/job';
import type { Filter } from '@/core/filter/filter';
import { plannedMass } from '@/core/job/fittedThickness';
import { mediumOf } from '@/core/layers/mediumOf';
import { LAYER_BOUNDS } from '@/core/layers/layerBounds';
import type { Pack } from '@/core/pack/pack';
import { useWords } from '../fields/UnitsProvider';
import { QuantityField } from '../fields/QuantityField';
import styles from './Deviation.module.css';

interface Props {
  readonly filter: Filter;
  readonly layerId: string;
  readonly packed: PackedStep | undefined;
  readonly planned: Pack;
  readonly onPut: (step: PackedStep) => void;
}

/** What went in differently from the plan: thinner, lighter, or with a word about it. */
export function Deviation({ filter, layerId, packed, planned, onPut }: Props) {
  const words = useWords();
  const [open, setOpen] = useState(false);
  const plan = planned.layers.find((layer) => layer.id === layerId);
  const [thickness, setThickness] = useState(packed?.thickness ?? plan?.thickness ?? null);
  const [mass, setMass] = useState(packed?.mass ?? null);
  const [note, setNote] = useState(packed?.note ?? '');
  if (!open) return <Button onClick={() => setOpen(true)}>Enter a difference</Button>;
  return (
    <form
      className={styles.panel}
      aria-label="Enter a difference"
      onSubmit={(event) => {
        event.preventDefault();
        onPut({
          layerId,
          at: packed?.at ?? new Date().toISOString(),
          thickness: thickness === plan?.thickness ? null : thickness,
          mass,
          note: note.trim(),
        });
        setOpen(false);
      }}
    >
      <QuantityField
        label="Thickness now"
        bounds={LAYER_BOUNDS.thickness}
        value={thickness}
        onChange={setThickness}
      />
      <QuantityField label="Weighed dry" optional bounds={JOB_BOUNDS.mass} value={mass} onChange={setMass} />
      {plan !== undefined && mediumOf(plan).supply === 'loose' ? (
        <p className={styles.note}>
          Planned: {words.show({ kind: 'mass', si: plannedMass(filter, plan) ?? 0 })} dry. If you leave the
          thickness empty, it is worked out from the weight.
        </p>
      ) : null}
      <TextInput
        label="Note"
        value={note}
        onChange={(event) => setNote(event.target.value)}
        className={styles.note}
        maxLength={LONGEST_NOTE}
      />
      <div className={styles.buttons}>
        <Button type="submit" variant="contained">
          Save and mark as in
        </Button>
        <Button onClick={() => setOpen(false)}>Cancel</Button>
      </div>
    </form>
  );
}
