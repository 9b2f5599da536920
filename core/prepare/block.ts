import { boundsFault, type Bounds } from '../units/bounds';
import { BLOCK_BOUNDS } from './blockBounds';

/**
 * A ribbed block that is printed for a compartment: four walls, ribs across it that the water runs between, a notch along
 * the top of both long walls so that water can leave anywhere along its sides, and four feet. Lengths m; `height` is without
 * the feet, `gap` the smallest between two ribs.
 */
export type Block = Readonly<Record<keyof typeof BLOCK_BOUNDS, number>>;

/** What is wrong with a block, in sentences; empty: it can be made. */
export function blockFaults(block: Block): string[] {
  const outside = (Object.entries(BLOCK_BOUNDS) as [keyof Block, Bounds][]).flatMap(
    ([key, bounds]) => boundsFault(bounds, block[key]) ?? [],
  );
  if (outside.length > 0) return outside;
  const { length, width, height, wall, gap, notch } = block;
  return [
    ...(notch < height ? [] : ['The notch must be lower than the block.']),
    ...(Math.min(length, width) > 2 * wall + gap
      ? []
      : ['Walls and gap leave no room inside: make them smaller.']),
  ];
}
