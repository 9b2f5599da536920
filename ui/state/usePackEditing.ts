'use client';
import { useCallback } from 'react';
import type { Filter } from '@/core/filter/filter';
import type { Visit } from '@/core/pack/visit';
import type { Layer } from '@/core/layers/layer';
import type { Pack } from '@/core/pack/pack';
import { MAX_LAYERS } from '@/core/pack/maxLayers';
import { packFaults } from '@/core/pack/packFaults';
import { applyEdit, type PackEdit } from '@/core/pack/packEdit';
import type { Stored } from '@/store/documentTable';
import { undoShortcuts } from './undoShortcuts';
import { useAutosave, type Autosave } from './useAutosave';
import type { Shortcut } from './useKeys';
import { useUndo } from './useUndo';

export interface PackEditing {
  readonly layers: readonly Layer[];
  /** When hands are to go into the filter, by days from packing. */
  readonly visits: readonly Visit[];
  readonly setVisits: (visits: readonly Visit[], mark?: string) => void;
  readonly edit: (edit: PackEdit, mark?: string) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly full: boolean;
  readonly save: Autosave<Pack>;
  /** Undo and redo, for the screen's list of shortcuts. */
  readonly shortcuts: readonly Shortcut[];
}

/** A pack that can be edited: every edit saves itself and can be taken back. */
export function usePackEditing(filter: Filter, stored: Stored<Pack>): PackEditing {
  const save = useAutosave('pack', stored, (pack) => packFaults(filter, pack.layers));
  const { remember, undo, redo, canUndo, canRedo } = useUndo<Undoable>();
  const { change } = save;
  const edit = useCallback(
    (item: PackEdit, mark?: string) =>
      change((pack) => {
        const layers = applyEdit(pack.layers, item);
        if (layers.length > MAX_LAYERS) return pack;
        remember(undoable(pack), mark);
        return { ...pack, layers };
      }),
    [change, remember],
  );
  const setVisits = useCallback(
    (visits: readonly Visit[], mark?: string) =>
      change((pack) => {
        remember(undoable(pack), mark);
        return { ...pack, visits: [...visits] };
      }),
    [change, remember],
  );
  const back = useCallback(() => change((pack) => ({ ...pack, ...undo(undoable(pack)) })), [change, undo]);
  const forth = useCallback(() => change((pack) => ({ ...pack, ...redo(undoable(pack)) })), [change, redo]);

  return {
    layers: save.doc.layers,
    visits: save.doc.visits,
    setVisits,
    edit,
    undo: back,
    redo: forth,
    canUndo,
    canRedo,
    full: save.doc.layers.length >= MAX_LAYERS,
    save,
    shortcuts: undoShortcuts(back, forth),
  };
}

/** What of a pack a step back restores. */
type Undoable = Pick<Pack, 'layers' | 'visits'>;
const undoable = ({ layers, visits }: Pack): Undoable => ({ layers, visits });
