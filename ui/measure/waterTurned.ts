import { netVolume } from '@/core/tank/netVolume';
import type { TankShape } from '@/core/tank/tankShape';
import { WATER_BOUNDS } from '@/core/tank/waterBounds';
import type { MeasuredWater, Water } from '@/core/tank/water';

/** How the water of a tank is described: its litres are known, or its sides are measured. */
export type WaterShape = TankShape['form'] | 'known';

/** Where measuring begins when only the litres were known: a usual tank of that size, for the keeper to type over. */
export const DEFAULT_TANK = { proportion: 1.9, porosity: 0.4, rockDensity: 2600, bow: 0.08, air: 0.03 };

/** The water described another way, as near to what was known as that way allows. */
export function waterTurned(water: Water, form: WaterShape): Water {
  if (form === 'known')
    return { how: 'known', volume: Math.max(WATER_BOUNDS.volume.min, netVolume(water).value) };
  const measured = water.how === 'measured' ? water : usualTank(water.volume);
  const { shape } = measured;
  const height = shape.height;
  const length = shape.form === 'cylinder' ? shape.diameter : shape.length;
  const width = shape.form === 'cylinder' ? shape.diameter : shape.width;
  if (form === 'cylinder') return { ...measured, shape: { form, diameter: width, height } };
  if (form === 'bow')
    return {
      ...measured,
      shape: { form, length, width, bow: Math.min(DEFAULT_TANK.bow, length / 2), height },
    };
  return { ...measured, shape: { form, length, width, height } };
}

function usualTank(volume: number): MeasuredWater {
  const side = Math.cbrt(volume / DEFAULT_TANK.proportion);
  const toMillimetre = (value: number): number => Math.round(value * 1e3) / 1e3;
  return {
    how: 'measured',
    shape: {
      form: 'box',
      length: toMillimetre(side * DEFAULT_TANK.proportion),
      width: toMillimetre(side),
      height: toMillimetre(side + DEFAULT_TANK.air),
    },
    fill: toMillimetre(side),
    substrate: { depth: 0, porosity: DEFAULT_TANK.porosity },
    hardscape: { by: 'weight', mass: 0, density: DEFAULT_TANK.rockDensity },
  };
}
