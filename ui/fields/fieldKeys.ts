import type { Shortcut } from '../state/useKeys';

/** What the keys do in fields and folds; the elements handle them themselves. */
export const FIELD_KEYS: readonly Shortcut[] = [
  { keys: 'Tab', does: 'next field or section' },
  { keys: 'Enter', does: 'in a field, save the value; on a section, open or close it' },
  { keys: 'Esc', does: 'in a field, go back to the saved value' },
];
