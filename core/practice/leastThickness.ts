import type { Medium } from '../media/medium';

/** Foam thinner than this does not hold its place, m (common practice, no source). */
const LEAST_FOAM = 0.01;
/** A pad of floss thinner than this lets the water through anywhere, m (common practice, no source). */
const LEAST_FLOSS = 5e-3;
/** A bed fewer grains deep than this has holes that go all the way through (common practice, no source). */
const GRAINS_DEEP = 3;
/** Scrubbers, balls and other open plastic come in pieces about this large, m (common practice, no source). */
const OPEN_PIECE = 0.018;

/**
 * The thinnest layer of a medium that does its work, m: loose media is laid three grains or rings deep, foam and floss
 * as thick as a sheet must be to hold together. Other pieces are as thick as they come: 0.
 *
 * @example leastThickness(mediumById('porous-ceramic')) // 0.036
 * @source common practice, no source
 */
export function leastThickness({ family, geometry, supply }: Medium): number {
  if (family === 'foam') return LEAST_FOAM;
  if (family === 'floss') return LEAST_FLOSS;
  if (supply !== 'loose') return 0;
  switch (geometry.form) {
    case 'grains':
      return GRAINS_DEEP * geometry.grainSize;
    case 'rings':
      return GRAINS_DEEP * geometry.outerDiameter;
    case 'ribbon':
      return OPEN_PIECE;
    case 'fibre':
    case 'foam':
      return 0;
  }
}
