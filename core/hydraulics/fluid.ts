import { waterDensity } from '../water/waterDensity';
import { waterViscosity } from '../water/waterViscosity';

/** Standard gravity, m/s² (published: exact by convention). */
export const GRAVITY = 9.80665;

/** What the water of one temperature does to a flow: density kg/m³, viscosity Pa·s. */
export interface Fluid {
  readonly density: number;
  readonly viscosity: number;
}

/** @param celsius temperature, 0–40 °C */
export const fluidAt = (celsius: number): Fluid => ({
  density: waterDensity(celsius),
  viscosity: waterViscosity(celsius),
});
