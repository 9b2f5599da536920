import type { Chamber } from '../filter/filter';
import { usableDepth } from '../filter/usableDepth';
import type { Layer } from './layer';
import { sumOf } from '../maths/sum';

/** Share of a chamber’s depth that may stay open when all of its media is on a list: nobody fills it to the millimetre. */
const OPEN_WHEN_FULL = 0.1;

/** True once the layers listed for a chamber fill it. */
export function isFilled(chamber: Chamber, layers: readonly Layer[]): boolean {
  const depth = sumOf(
    layers.filter((layer) => layer.chamber === chamber.id),
    (layer) => layer.thickness,
  );
  return depth >= usableDepth(chamber) * (1 - OPEN_WHEN_FULL);
}
