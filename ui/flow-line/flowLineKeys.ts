import type { Shortcut } from '../state/useKeys';

/** What the keys do while a layer or an edge of the flow line has the focus; the elements handle them themselves. */
export const FLOW_LINE_KEYS: readonly Shortcut[] = [
  { keys: 'Tab', does: 'to the layers, their edges, and on' },
  { keys: '← →', does: 'choose the layer before or after; on an edge: thinner, thicker' },
  { keys: 'Alt ← →', does: 'move the layer earlier or later along the water' },
  { keys: '+ −', does: 'thicker, thinner by 1 mm; with Shift on an edge 1 cm' },
  { keys: 'Enter', does: 'type the layer’s size' },
  { keys: 'Delete', does: 'take the layer out' },
];
