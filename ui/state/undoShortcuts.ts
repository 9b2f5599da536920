import type { Shortcut } from './useKeys';

const command = (event: KeyboardEvent): boolean => event.ctrlKey || event.metaKey;

/** The keys for a step back and a step forward. */
export const undoShortcuts = (undo: () => void, redo: () => void): readonly Shortcut[] => [
  {
    keys: 'Ctrl Z',
    does: 'undo the last change',
    matches: (event) => command(event) && !event.shiftKey && event.key.toLowerCase() === 'z',
    run: undo,
  },
  {
    keys: 'Ctrl Shift Z',
    does: 'redo it',
    matches: (event) =>
      command(event) &&
      ((event.shiftKey && event.key.toLowerCase() === 'z') || event.key.toLowerCase() === 'y'),
    run: redo,
  },
];
