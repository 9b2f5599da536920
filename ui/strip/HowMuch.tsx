'use client';
import Button from '@mui/material/Button';
import type { Chamber } from '@/core/filter/filter';
import { usableDepth } from '@/core/filter/usableDepth';
import type { Layer } from '@/core/layers/layer';
import { LAYER_BOUNDS } from '@/core/layers/layerBounds';
import { sumOf } from '@/core/maths/sum';
import styles from './FoundForm.module.css';

interface Props {
  readonly chamber: Chamber;
  readonly layer: Layer;
  readonly layers: readonly Layer[];
  readonly onThickness: (thickness: number) => void;
}

/** How much of its chamber a piece takes up, by eye; what is measured is typed as its thickness. */
export function HowMuch({ chamber, layer, layers, onThickness }: Props) {
  const depth = usableDepth(chamber);
  const others = layers.filter(({ id, chamber: where }) => where === chamber.id && id !== layer.id);
  const left = depth - sumOf(others, ({ thickness }) => thickness);
  const choices = [
    { label: 'a quarter', thickness: depth / 4 },
    { label: 'half', thickness: depth / 2 },
    { label: 'all that is left', thickness: left },
  ];
  return (
    <fieldset className={styles.much}>
      <legend className="caption">How much of “{chamber.name}”?</legend>
      {choices.map(({ label, thickness }) => (
        <Button
          key={label}
          disabled={thickness < LAYER_BOUNDS.thickness.min}
          onClick={() => onThickness(Math.round(thickness * 1e4) / 1e4)}
        >
          {label}
        </Button>
      ))}
    </fieldset>
  );
}
