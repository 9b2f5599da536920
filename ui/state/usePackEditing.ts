'use client';
import { useCallback } from 'react';
import type { Layer } from '@/core/pack/layer';
import type { Pack } from '@/core/pack/pack';
import { MOST_LAYERS } from '@/core/pack/pack';
import { applyEdit, type PackEdit } from '@/core/pack/packEdit';
import type { Stored } from '@/store/documentTable';
import { packUrl } from './packUrl';
import { useAutosave, type Autosave } from './useAutosave';
import type { Shortcut } from './useKeys';
import { useUndo } from './useUndo';

export interface PackEditing {
  readonly layers: readonly Layer[];
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
export function usePackEditing(stored: Stored<Pack>): PackEditing {
  const save = useAutosave(packUrl(stored.doc.id), stored);
  const { remember, undo, redo, canUndo, canRedo } = useUndo<readonly Layer[]>();
  const { change } = save;
  const edit = useCallback(
    (one: PackEdit, mark?: string) =>
      change((pack) => {
        const layers = applyEdit(pack.layers, one);
        if (layers.length > MOST_LAYERS) return pack;
        remember(pack.layers, mark);
        return { ...pack, layers };
      }),
    [change, remember],
  );
  const back = useCallback(() => change((pack) => withLayers(pack, undo(pack.layers))), [change, undo]);
  const forth = useCallback(() => change((pack) => withLayers(pack, redo(pack.layers))), [change, redo]);

  const command = (event: KeyboardEvent): boolean => event.ctrlKey || event.metaKey;
  return {
    layers: save.doc.layers,
    edit,
    undo: back,
    redo: forth,
    canUndo,
    canRedo,
    full: save.doc.layers.length >= MOST_LAYERS,
    save,
    shortcuts: [
      {
        keys: 'Ctrl Z',
        does: 'take the last change back',
        matches: (event) => command(event) && !event.shiftKey && event.key.toLowerCase() === 'z',
        run: back,
      },
      {
        keys: 'Ctrl Shift Z',
        does: 'do it again',
        matches: (event) =>
          command(event) &&
          ((event.shiftKey && event.key.toLowerCase() === 'z') || event.key.toLowerCase() === 'y'),
        run: forth,
      },
    ],
  };
}

const withLayers = (pack: Pack, layers: readonly Layer[] | null): Pack =>
  layers === null ? pack : { ...pack, layers: [...layers] };
