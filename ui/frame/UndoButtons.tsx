'use client';
import type { PackEditing } from '../state/usePackEditing';
import headButton from './HeadButton.module.css';

const ARROWS = {
  undo: 'M6 3 L2.5 6.5 L6 10 M3 6.5 H10 a3.5 3.5 0 0 1 0 7 H6',
  redo: 'M10 3 L13.5 6.5 L10 10 M13 6.5 H6 a3.5 3.5 0 0 0 0 7 H10',
};

/** Back and forth through the changes of a plan. */
export function UndoButtons({ editing }: { editing: PackEditing }) {
  const button = (kind: 'undo' | 'redo', label: string, keys: string, enabled: boolean) => (
    <button
      type="button"
      className={headButton.button}
      aria-label={label}
      title={`${label} (${keys})`}
      disabled={!enabled}
      onClick={editing[kind]}
    >
      <svg width={16} height={16} viewBox="0 0 16 16" aria-hidden="true">
        <path d={ARROWS[kind]} fill="none" stroke="currentColor" strokeWidth={1.7} />
      </svg>
    </button>
  );
  return (
    <span style={{ display: 'inline-flex' }}>
      {button('undo', 'Undo', 'Ctrl Z', editing.canUndo)}
      {button('redo', 'Redo', 'Ctrl Shift Z', editing.canRedo)}
    </span>
  );
}
