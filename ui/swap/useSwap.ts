'use client';
import { useDeferredValue, useMemo } from 'react';
import { swapRange } from '@/core/biology/swapRange';
import type { Filter } from '@/core/filter/filter';
import type { Successor, Swap } from '@/core/filter/swap';
import type { Layer } from '@/core/layers/layer';
import { placeLayers } from '@/core/layers/placeLayers';
import type { Surroundings } from '@/core/report/surroundings';
import { withPiece } from '@/core/report/swapEdits';
import { canBeRetired, judgeSwap, proposeSwap, swapPiece, withoutPieces } from '@/core/report/swapPieces';
import { layerSurfaces, tankBiology } from '@/core/report/tankBiology';
import type { Autosave } from '../state/useAutosave';
import { useUndo } from '../state/useUndo';

/** The swap of a filter: what it does to the water, and the edits of it, which are saved and can be undone. */
export function useSwap(save: Autosave<Filter>, layers: readonly Layer[], around: Surroundings) {
  const filter = save.doc;
  const { swap } = filter;
  const { tank } = around;
  const undo = useUndo<{ swap: Swap | null }>();
  const change = (next: Swap | null, mark?: string) => {
    undo.remember({ swap }, mark);
    save.change((doc) => ({ ...doc, swap: next }));
  };
  const step = (to: 'undo' | 'redo') => () => {
    const found = undo[to]({ swap });
    if (found !== null) save.change((doc) => ({ ...doc, swap: found.swap }));
  };
  const biology = useMemo(
    () => tankBiology({ tank, filter, layers, others: around.others, now: around.now }),
    [tank, filter, layers, around],
  );
  const placed = useMemo(() => placeLayers(filter, layers), [filter, layers]);
  const surfaces = useMemo(
    () => new Map(layerSurfaces(filter, layers, tank.temperature).map((item) => [item.layer.id, item])),
    [filter, layers, tank.temperature],
  );
  const judged = useMemo(
    () => (swap === null || biology === null ? null : judgeSwap(biology, swap, tank.pH)),
    [swap, biology, tank.pH],
  );
  // The likely range takes a moment: dragging a stage does not wait for it.
  const drawn = useDeferredValue(swap);
  const bands = useMemo(
    () =>
      drawn === null || biology === null
        ? null
        : swapRange(withoutPieces(biology, drawn.pieces), drawn.pieces, drawn.stages),
    [drawn, biology],
  );
  /** Puts a layer on the list of what is replaced, by what; null: takes it off. The stages are proposed anew. */
  const choose = (layerId: string, successor: Successor | null) => {
    const item = placed.find(({ layer }) => layer.id === layerId);
    const surface = surfaces.get(layerId);
    if (biology === null || item === undefined || surface === undefined) return;
    const pieces = withPiece(
      swap?.pieces ?? [],
      layerId,
      successor === null ? null : swapPiece(item, surface, successor, tank),
      placed.map(({ layer }) => layer.id),
    );
    change(pieces.length === 0 ? null : proposeSwap(biology, pieces, tank.pH));
  };
  return {
    swap,
    /** Null where nothing is fed. */
    judged,
    bands,
    hasFood: biology !== null,
    begun: swap !== null && swap.begunOn !== null,
    /** Layers that can be retired, in flow order, and the surface of each, m². */
    retirable: placed.filter(({ layer }) => canBeRetired(layer)),
    surfaceOf: (layerId: string): number => surfaces.get(layerId)?.likely ?? 0,
    change,
    choose,
    /** Fewest stages that keep the water under its limits. */
    proposeAnew: () => {
      if (swap !== null && biology !== null) change(proposeSwap(biology, swap.pieces, tank.pH));
    },
    editing: { undo: step('undo'), redo: step('redo'), canUndo: undo.canUndo, canRedo: undo.canRedo },
  };
}
export type SwapOfFilter = ReturnType<typeof useSwap>;
