'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { PASS_THROUGH_GOAL } from '@/core/practice/passThroughGoal';
import type { PackReport } from '@/core/report/evaluatePack';
import type { PackInput } from '@/core/report/packMeasures';
import type { Layer } from '@/core/layers/layer';
import type { PackEdit } from '@/core/pack/packEdit';
import { passThroughFix } from '@/core/explore/passThroughFix';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/UnitsProvider';
import styles from './ThroughFix.module.css';

/** Shares of the water that a keeper may want through a piece. */
const OFFERED_SHARES = [0.8, PASS_THROUGH_GOAL, 0.95, 0.99].map(String);

const HOW_WORDS = {
  'fill the gap': 'filled the gap with floss',
  'cut larger': 'cut slightly larger',
  'cut to the walls': 'cut to reach the walls',
} as const;

interface Props {
  readonly input: PackInput;
  readonly report: PackReport;
  readonly layer: Layer;
  readonly onEdit: (edit: PackEdit) => void;
}

/** For a piece that leaves a gap: the smallest change that brings enough of the water through it. */
export function ThroughFix({ input, report, layer, onEdit }: Props) {
  const words = useWords();
  const [wanted, setWanted] = useState(String(PASS_THROUGH_GOAL));
  const [said, setSaid] = useState('');
  const own = report.layers.find((layerReport) => layerReport.layerId === layer.id);
  const share = (si: number): string => words.show({ kind: 'share', si });
  const find = () => {
    const fix = passThroughFix(input, layer.id, Number(wanted));
    if (fix === null) {
      setSaid('Enough water already goes through.');
      return;
    }
    onEdit(fix.edit);
    setSaid(`${share(fix.share)} now: ${HOW_WORDS[fix.how]}.`);
  };
  return (
    <div className={styles.fix}>
      <span>{own === undefined ? '' : `${share(own.passThrough)} of the water goes through it.`}</span>
      <ChoiceField
        label="Water through it, at least"
        value={wanted}
        choices={OFFERED_SHARES.map((value) => ({ value, label: share(Number(value)) }))}
        onChange={setWanted}
      />
      <Button onClick={find}>Find the smallest change</Button>
      <span role="status">{said}</span>
    </div>
  );
}
