import { describe, expect, it } from 'vitest';
import { mediumById } from '../media/catalogue';
import { leastThickness } from './leastThickness';

describe('leastThickness', () => {
  // Three grains deep, foam of a centimetre, floss of half a centimetre: common practice, no source.
  it.each([
    ['porous-ceramic', 0.036],
    ['lava', 0.045],
    ['granules', 0.012],
    ['rings-dense', 0.045],
    ['scrubbers', 0.018],
    ['foam-30', 0.01],
    ['floss-bonded', 0.005],
    ['cartridge', 0],
  ])('%s is at least %d m thick', (id, metres) => {
    expect(leastThickness(mediumById(id))).toBeCloseTo(metres, 6);
  });
});
