'use client';
import { useMemo } from 'react';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import type { Pack } from '@/core/pack/pack';
import type { Surroundings } from '@/core/report/surroundings';
import type { Stored } from '@/store/documentTable';
import { ProposePanel } from '../propose/ProposePanel';
import { latest } from '../state/openDocuments';
import { Variants } from '../time/Variants';
import { Compare } from './Compare';

interface Props {
  readonly comparing: boolean;
  readonly around: Surroundings;
  readonly filter: Filter;
  /** What the plan is compared with; null where nothing is known of what is in the filter. */
  readonly asFound: Pack | null;
  readonly plan: Pack;
  readonly alternatives: readonly Stored<Pack>[];
  /** The pack on the bench. */
  readonly ahead: ForecastInput;
  readonly jobId: string;
  readonly canAdd: boolean;
  readonly onAdd: (name: string, layers: Layer[]) => void;
}

/** What stands in the place of the flow line: plans compared, or packs proposed. */
export function BesideBench(props: Props) {
  const { comparing, around, filter, asFound, plan, alternatives, ahead, jobId, canAdd, onAdd } = props;
  const packs = useMemo(
    () => [
      ...(asFound === null ? [] : [asFound]),
      plan,
      ...alternatives.map(({ doc }) => latest({ kind: 'pack', id: doc.id }, doc)),
    ],
    [asFound, plan, alternatives],
  );
  if (comparing)
    return (
      <>
        <Compare filter={filter} around={around} packs={packs} />
        <Variants input={ahead} />
      </>
    );
  return (
    <ProposePanel
      {...{ around, filter, jobId, canAdd }}
      mine={ahead.layers}
      today={asFound?.layers ?? NO_LAYERS}
      onAdd={(layers, name) =>
        onAdd(
          freeName(
            name,
            alternatives.map(({ doc }) => doc.name),
          ),
          layers,
        )
      }
    />
  );
}

const NO_LAYERS: readonly Layer[] = [];

/** A name as it is, or with the first number that is free. */
function freeName(name: string, taken: readonly string[]): string {
  const numbered = [name, ...taken.map((_, index) => `${name} ${index + 2}`)];
  return numbered.find((free) => !taken.includes(free)) ?? name;
}
