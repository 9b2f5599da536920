'use client';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import type { Pack } from '@/core/pack/pack';
import type { Surroundings } from '@/core/report/evaluatePack';
import { ProposePanel } from '../propose/ProposePanel';
import { Variants } from '../time/Variants';
import { Compare } from './Compare';

interface Props {
  readonly comparing: boolean;
  readonly around: Surroundings;
  readonly filter: Filter;
  readonly packs: readonly Pack[];
  readonly ahead: ForecastInput;
  readonly today: readonly Layer[];
  readonly canAdd: boolean;
  /** Names that are taken. */
  readonly names: readonly string[];
  readonly onAdd: (name: string, layers: Layer[]) => void;
}

/** What stands in the place of the flow line: plans compared, or packs proposed. */
export function BesideBench({ comparing, names, onAdd, packs, ...rest }: Props) {
  const { around, filter, ahead, today, canAdd } = rest;
  if (comparing)
    return (
      <>
        <Compare filter={filter} around={around} packs={packs} />
        <Variants input={ahead} />
      </>
    );
  return (
    <ProposePanel
      {...{ around, filter, today, canAdd }}
      schools={around.schools}
      mine={ahead.layers}
      onAdd={(layers, name) => onAdd(freeName(name, names), layers)}
    />
  );
}

/** A name as it is, or with the first number that is free. */
function freeName(name: string, taken: readonly string[]): string {
  const numbered = [name, ...taken.map((_, index) => `${name} ${index + 2}`)];
  return numbered.find((free) => !taken.includes(free)) ?? name;
}
