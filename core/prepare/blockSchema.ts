import { z } from 'zod';
import { bounded } from '../units/bounded';
import { BLOCK_BOUNDS } from './blockBounds';

/**
 * A ribbed block that is printed for a compartment: four walls, ribs across it that the water runs between, a notch along
 * the top of both long walls so that water can leave anywhere along its sides, and four feet. Lengths m.
 */
export const BlockSchema = z
  .object({
    length: bounded(BLOCK_BOUNDS.length),
    width: bounded(BLOCK_BOUNDS.width),
    height: bounded(BLOCK_BOUNDS.height).describe('Without the feet'),
    wall: bounded(BLOCK_BOUNDS.wall),
    rib: bounded(BLOCK_BOUNDS.rib),
    gap: bounded(BLOCK_BOUNDS.gap).describe('Smallest gap between two ribs'),
    notch: bounded(BLOCK_BOUNDS.notch),
    feet: bounded(BLOCK_BOUNDS.feet),
  })
  .refine(({ notch, height }) => notch < height, {
    path: ['notch'],
    error: 'The notch must be lower than the block.',
  })
  .refine(({ length, width, wall, gap }) => Math.min(length, width) > 2 * wall + gap, {
    path: ['wall'],
    error: 'Walls and gap leave no room inside: make them smaller.',
  });
export type Block = z.infer<typeof BlockSchema>;
