import type { Layer } from './layer';

/** What is seen of a layer when it is stripped, of one that was not looked at. */
export const NOT_LOOKED_AT = {
  installedOn: null,
  dirt: null,
  signs: [],
  wetMass: null,
  treatment: null,
  note: '',
} satisfies Partial<Layer>;

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
  ...NOT_LOOKED_AT,
});
