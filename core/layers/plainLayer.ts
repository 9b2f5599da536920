import type { Layer } from './layer';

/** A layer that reaches the walls, poured loose, not looked at. Thickness m. */
export const plainLayer = (id: string, medium: string, chamber: string, thickness: number): Layer => ({
  id,
  medium,
  own: null,
  mix: null,
  chamber,
  thickness,
  cut: null,
  holder: 'none',
  placed: false,
  gapFill: 'open',
  compressionRatio: 1,
  installedOn: null,
  dirt: null,
  signs: [],
  wetMass: null,
  treatment: null,
  note: '',
});
