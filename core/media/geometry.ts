import { z } from 'zod';

const size = (what: string) => z.number().positive().max(0.2).describe(`${what}, m`);
const porosity = z.number().gt(0).lt(1).describe('Share of the bed that is open to the water, 0–1');

/** The shape of a medium's solid, from which its surface, pore and resistance follow. Lengths in m. */
export const GeometrySchema = z.discriminatedUnion('form', [
  z.object({
    form: z.literal('foam'),
    poresPerInch: z.number().min(5).max(100).describe('Pores along 25.4 mm'),
    porosity,
  }),
  z.object({ form: z.literal('fibre'), fibreDiameter: size('Fibre diameter'), porosity }),
  z.object({
    form: z.literal('grains'),
    grainSize: size('Diameter of the sphere with the same surface per volume'),
    porosity,
  }),
  z.object({
    form: z.literal('rings'),
    outerDiameter: size('Outer diameter'),
    bore: size('Inner diameter'),
    length: size('Length of one ring'),
    porosity,
  }),
  z.object({ form: z.literal('ribbon'), thickness: size('Thickness of ribbon, wall or rib'), porosity }),
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
