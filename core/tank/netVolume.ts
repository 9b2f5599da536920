import { propagate, type Measured } from '../maths/propagate';
import { rememberedFor } from '../units/rememberedFor';
import { floorArea } from './tankGeometry';
import type { MeasuredWater, Water } from './water';

/*
 * What a keeper's measures may be off, one standard deviation (calibrated: a tape on wet glass, an uneven bed,
 * rock that was guessed).
 */
const SIDE_SPREAD = 0.002;
const FILL_SPREAD = 0.004;
const SUBSTRATE_DEPTH_SPREAD = 0.008;
const POROSITY_SPREAD = 0.05;
const HARDSCAPE_SHARE_SPREAD = 0.25;
/** A volume read off a label or remembered. */
const KNOWN_SHARE_SPREAD = 0.05;

/** Least water that is left however much stands in it, m³: keeps what is divided by it finite. */
const MIN_VOLUME = 1e-4;

/**
 * Water in a tank, m³, with what it may be off: floor area × level, less the grains of the substrate and what stands
 * in the water.
 *
 * @source solid geometry; first-order propagation of the spreads above.
 * @example netVolume(reedBench.tank.water) // { value: 0.2 }
 */
export const netVolume = rememberedFor((water: Water): Measured => {
  if (water.how === 'known') return { value: water.volume, spread: water.volume * KNOWN_SHARE_SPREAD };
  const hardscape = hardscapeVolume(water);
  return propagate(
    ([side = 0, fill = 0, depth = 0, porosity = 0, solid = 0]) =>
      Math.max(MIN_VOLUME, floorArea(stretched(water, side)) * (fill - depth * (1 - porosity)) - solid),
    [
      // One tape measures all sides: they are off together.
      { value: 0, spread: SIDE_SPREAD },
      { value: water.fill, spread: FILL_SPREAD },
      { value: water.substrate.depth, spread: water.substrate.depth > 0 ? SUBSTRATE_DEPTH_SPREAD : 0 },
      { value: water.substrate.porosity, spread: POROSITY_SPREAD },
      { value: hardscape, spread: hardscape * HARDSCAPE_SHARE_SPREAD },
    ],
  );
});

/** Room that rock and wood take, m³. */
export function hardscapeVolume({ hardscape }: MeasuredWater): number {
  return hardscape.by === 'volume' ? hardscape.volume : hardscape.mass / hardscape.density;
}

/** The same tank with every side a little longer, m. */
function stretched({ shape }: MeasuredWater, by: number): MeasuredWater['shape'] {
  if (shape.form === 'cylinder') return { ...shape, diameter: shape.diameter + by };
  return { ...shape, length: shape.length + by, width: shape.width + by };
}
