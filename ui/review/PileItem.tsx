'use client';
import { useDraggable } from '@dnd-kit/core';
import DragIndicator from '@mui/icons-material/DragIndicator';
import NativeSelect from '@mui/material/NativeSelect';
import { treatmentsFor } from '@/core/findings/treatmentsFor';
import type { Treatment } from '@/core/layers/layer';
import { TREATMENTS } from '@/core/layers/layerStates';
import { mediumOf } from '@/core/layers/mediumOf';
import { Swatch } from '../drawing/Swatch';
import { useWords } from '../fields/UnitsProvider';
import styles from './ThreePiles.module.css';
import type { PileRow } from './usePiles';

const TREATMENT_WORDS: Readonly<Record<Treatment, string>> = {
  keep: 'keep as it is',
  squeeze: 'squeeze and keep',
  rinse: 'rinse and keep',
  move: 'move elsewhere',
  cut: 'cut a new piece',
  recharge: 'recharge',
  'replace in stages': 'replace in stages',
  spare: 'keep as a spare',
  'throw away': 'throw away',
};

/** kg below which a weight has a digit more. */
const LIGHT_PIECE = 0.1;
const LIGHT_DIGITS = 3;

interface Props {
  readonly row: PileRow;
  readonly chosen: boolean;
  readonly onSelect: () => void;
  readonly onDecide: (treatment: Treatment) => void;
}

/** A piece on its pile: what it is, its weight, what is done with it, and why. */
export function PileItem({ row, chosen, onSelect, onDecide }: Props) {
  const words = useWords();
  const { layer, decided, treatment } = row;
  const medium = mediumOf(layer);
  const { setNodeRef, listeners, transform } = useDraggable({ id: layer.id });
  const allowed = treatmentsFor(medium);
  // A sheet of foam weighs a few grams.
  const weight = (si: number): string =>
    words.show({ kind: 'mass', si }, si < LIGHT_PIECE ? LIGHT_DIGITS : undefined);
  return (
    <li
      ref={setNodeRef}
      className={styles.row}
      data-chosen={chosen}
      style={transform === null ? undefined : { transform: `translate(${transform.x}px, ${transform.y}px)` }}
    >
      <div className={styles.top}>
        <button type="button" className={styles.name} onClick={onSelect}>
          <span className={styles.number}>{row.number}</span>
          <Swatch medium={medium} width={30} height={22} />
          <span>{medium.name}</span>
        </button>
        {/* By key, the list of decisions does the same. */}
        <span className={styles.grip} {...listeners} aria-hidden="true">
          <DragIndicator fontSize="small" />
        </span>
      </div>
      <div className={styles.decided}>
        <NativeSelect
          value={decided}
          inputProps={{ 'aria-label': `What to do with layer ${row.number}, ${medium.name}` }}
          onChange={({ target }) => {
            const chosenOne = TREATMENTS.find((item) => item === target.value);
            if (chosenOne !== undefined) onDecide(chosenOne);
          }}
        >
          {(allowed.includes(decided) ? allowed : [...allowed, decided]).map((value) => (
            <option key={value} value={value}>
              {TREATMENT_WORDS[value]}
            </option>
          ))}
        </NativeSelect>
        <span className="quiet">
          {layer.wetMass === null ? `${weight(row.dryMass)} dry` : `${weight(layer.wetMass)} wet`}
        </span>
      </div>
      <p className={styles.advice}>
        {decided === treatment ? null : <strong>Advice: {TREATMENT_WORDS[treatment]}. </strong>}
        {words.say(row.reason)}
      </p>
    </li>
  );
}
