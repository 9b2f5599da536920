import type { Shortcut } from '../state/useKeys';

/** What the keys do in fields and folds; the elements handle them themselves. */
export const FIELD_KEYS: readonly Shortcut[] = [
  { keys: 'Tab', does: 'next field or fold' },
  { keys: 'Enter', does: 'in a field: enter the value; on a fold: open or close it' },
  { keys: 'Esc', does: 'in a field: back to the stored value' },
];
