'use client';
import { useMemo } from 'react';
import { layerAdvice, type LayerAdvice } from '@/core/findings/layerAdvice';
import type { Layer, Treatment } from '@/core/layers/layer';
import { pileOf, type Pile } from '@/core/layers/pile';
import { placeLayers } from '@/core/layers/placeLayers';
import type { PackBench } from '../bench/usePackBench';

/** A layer that came out, with what is advised and what will be done with it. */
export interface PileRow extends LayerAdvice {
  readonly layer: Layer;
  /** In flow order, from 1. */
  readonly number: number;
  /** kg */
  readonly dryMass: number;
  /** What the keeper decided, or else what is advised. */
  readonly decided: Treatment;
  readonly pile: Pile;
}

export interface Piles {
  readonly rows: readonly PileRow[];
  readonly decide: (layerId: string, treatment: Treatment) => void;
  /** Lays a layer on a pile. One that goes back gets the treatment that is advised, where that is one of going back. */
  readonly lay: (layerId: string, pile: Pile) => void;
  /** Stores the advice for every layer that the keeper left as it lay. */
  readonly settle: () => void;
}

/** The layers that came out, on three piles: by the advice until the keeper decides. */
export function usePiles({ editing, input, report }: PackBench): Piles {
  const { filter, layers, schools } = input;
  const rows = useMemo(() => {
    const placed = placeLayers(filter, layers);
    return layerAdvice(placed, report.findings, schools).map((advice, index): PileRow => {
      const { layer, measure } = placed[index]!;
      const decided = layer.treatment ?? advice.treatment;
      return {
        ...advice,
        layer,
        number: index + 1,
        dryMass: measure.dryMass,
        decided,
        pile: pileOf(decided),
      };
    });
  }, [filter, layers, schools, report.findings]);
  const decide = (layerId: string, treatment: Treatment) =>
    editing.edit({ type: 'set', layerId, change: { treatment } });
  return {
    rows,
    decide,
    lay: (layerId, pile) => {
      const row = rows.find((one) => one.layerId === layerId);
      if (row === undefined || row.pile === pile) return;
      if (pile !== 'goes back') decide(layerId, pile);
      else decide(layerId, pileOf(row.treatment) === pile ? row.treatment : 'keep');
    },
    settle: () => {
      const open = rows.filter(({ layer }) => layer.treatment === null);
      if (open.length > 0)
        editing.edit({
          type: 'all',
          edits: open.map(({ layerId, treatment }) => ({ type: 'set', layerId, change: { treatment } })),
        });
    },
  };
}
