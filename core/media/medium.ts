import { z } from 'zod';
import { GeometrySchema } from './geometry';
import { ProvenanceSchema } from './provenance';
import { GRADES } from './grades';

/** What a medium can do for the water. A medium may do several; the pack decides which one it counts for. */
export const MediumRoleSchema = z.enum(['settle', 'mechanical', 'biological', 'chemical']);
export type MediumRole = z.infer<typeof MediumRoleSchema>;

export const GradeSchema = z.enum(GRADES);
export type Grade = z.infer<typeof GradeSchema>;

export const MediumFamilySchema = z.enum([
  'foam',
  'floss',
  'dense rings',
  'porous mineral',
  'plastic',
  'carbon',
  'resin',
  'zeolite',
  'cartridge',
  'spacer',
  'unknown',
]);
export type MediumFamily = z.infer<typeof MediumFamilySchema>;

/** What becomes of a medium at a service. */
export const ServiceSchema = z.enum(['squeeze', 'rinse', 'replace', 'recharge', 'leave']);

/** A share that is known as a range. */
const UsableShareSchema = z.object({
  low: z.number().min(0),
  likely: z.number().min(0),
  high: z.number().min(0).max(5),
});
export type UsableShare = z.infer<typeof UsableShareSchema>;

/** One generic medium. Bulk densities in kg per m³ of layer; surfaces follow from the geometry. */
export const MediumSchema = z.object({
  id: z.string(),
  /** The medium of the catalogue whose looks it has, for one that is not in the catalogue. */
  like: z.string().optional(),
  name: z.string(),
  /** One or two capital letters that mark the layer in every drawing. */
  letter: z.string().min(1).max(2),
  family: MediumFamilySchema,
  grade: GradeSchema.nullable(),
  /** Empty for a spacer, and for a medium not yet named. */
  roles: z.array(MediumRoleSchema),
  /** How it comes: cut from a sheet, poured loose, or as a piece of a given size. */
  supply: z.enum(['sheet', 'loose', 'piece']),
  geometry: GeometrySchema,
  /** Share of the geometric surface on which a film can live; more than 1 where pores wide enough to be flushed add to it. */
  usableShare: UsableShareSchema,
  /** What boxes of such media claim, micropores and all, m² per m³; null: no claim is known. */
  claimedSurface: z.number().positive().nullable(),
  dryBulk: z.number().positive(),
  /** Lifted out and left to drip for a minute. */
  drainedBulk: z.number().positive(),
  /** Of media that are sized by weight: what counts in kg per 100 L, kg per m³ dry; 0 for all others. */
  weighedBulk: z.number().min(0),
  compressible: z.boolean(),
  service: ServiceSchema,
  /** What to do with it when new. */
  prepare: z.string(),
  provenance: z.object({ bulk: ProvenanceSchema, geometry: ProvenanceSchema, surface: ProvenanceSchema }),
});
export type Medium = z.infer<typeof MediumSchema>;
