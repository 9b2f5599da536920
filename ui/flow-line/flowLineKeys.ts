import type { Shortcut } from '../state/useKeys';

/** What the keys do while a layer or an edge of the flow line has the focus; the elements handle them themselves. */
export const FLOW_LINE_KEYS: readonly Shortcut[] = [
  { keys: 'Tab', does: 'go to the layers and their edges' },
  { keys: '← →', does: 'on a layer, select the next one; on an edge, thinner or thicker' },
  { keys: 'Alt ← →', does: 'on a layer, move it earlier or later in the flow' },
  {
    keys: '+ −',
    does: 'on a layer: thicker or thinner by 1 mm; on an edge with Shift and an arrow: by 1 cm',
  },
  { keys: 'Enter', does: 'on a layer, type its size; on a question or section, open or close it' },
  { keys: 'Delete', does: 'on a layer: remove it' },
];
