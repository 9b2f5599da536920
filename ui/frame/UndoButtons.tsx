'use client';
import Redo from '@mui/icons-material/Redo';
import Undo from '@mui/icons-material/Undo';
import type { PackEditing } from '../state/usePackEditing';
import headButton from './HeadButton.module.css';

/** Back and forth through the changes of a plan. */
export function UndoButtons({
  editing,
}: {
  editing: Pick<PackEditing, 'undo' | 'redo' | 'canUndo' | 'canRedo'>;
}) {
  const button = (
    kind: 'undo' | 'redo',
    Icon: typeof Undo,
    label: string,
    keys: string,
    enabled: boolean,
  ) => (
    <button
      type="button"
      className={headButton.button}
      aria-label={label}
      title={`${label} (${keys})`}
      disabled={!enabled}
      onClick={editing[kind]}
    >
      <Icon fontSize="small" />
    </button>
  );
  return (
    <span style={{ display: 'inline-flex' }}>
      {button('undo', Undo, 'Undo', 'Ctrl Z', editing.canUndo)}
      {button('redo', Redo, 'Redo', 'Ctrl Shift Z', editing.canRedo)}
    </span>
  );
}
