import { z } from 'zod';
import { bounded } from '../units/bounded';
import { GEOMETRY_BOUNDS } from './geometryBounds';

const size = (key: keyof typeof GEOMETRY_BOUNDS) =>
  bounded(GEOMETRY_BOUNDS[key]).describe(`${GEOMETRY_BOUNDS[key].what}, m`);
const porosity = bounded(GEOMETRY_BOUNDS.porosity).describe('Porosity of the bed, 0–1');

/** The shape of a medium's solid, from which its surface, pore and resistance follow. Lengths in m. */
export const GeometrySchema = z.discriminatedUnion('form', [
  z.object({
    form: z.literal('foam'),
    poresPerInch: bounded(GEOMETRY_BOUNDS.poresPerInch).describe('Pores along 25.4 mm'),
    porosity,
  }),
  z.object({ form: z.literal('fibre'), fibreDiameter: size('fibreDiameter'), porosity }),
  z.object({
    form: z.literal('grains'),
    grainSize: bounded(GEOMETRY_BOUNDS.grainSize).describe(
      'Diameter of the sphere with the same surface per volume, m',
    ),
    porosity,
  }),
  z.object({
    form: z.literal('rings'),
    outerDiameter: size('outerDiameter'),
    bore: size('bore'),
    length: size('length'),
    porosity,
  }),
  z.object({ form: z.literal('ribbon'), thickness: size('thickness'), porosity }),
]);
export type Geometry = z.infer<typeof GeometrySchema>;

/** What follows from a geometry: porosity 0–1, surface m² per m³ of bed, pore and solid size in m. */
export interface BedGeometry {
  readonly porosity: number;
  readonly specificSurface: number;
  readonly pore: number;
  /** Strut, fibre, grain, ring wall or ribbon: what the water flows around. */
  readonly solidSize: number;
}
