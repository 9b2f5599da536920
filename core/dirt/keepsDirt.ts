import type { PlacedLayer } from '../layers/placedLayer';

/** True for layers of the body that are there to catch dirt; a sponge on the intake has a day of its own. */
export const keepsDirt = ({ role, chamber }: Pick<PlacedLayer, 'role' | 'chamber'>): boolean =>
  chamber.where === 'body' && (role === 'mechanical' || role === 'polish');
