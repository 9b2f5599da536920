import { z } from 'zod';
import { IdSchema, nameSchema } from '../document/fields';
import { VisitSchema } from './visit';
import { MAX_VISITS } from './visitLimits';
import { LayerSchema } from '../layers/layer';
import { MAX_LAYERS } from './maxLayers';

export const PackRoleSchema = z.enum(['as found', 'planned', 'alternative', 'as packed']);
export type PackRole = z.infer<typeof PackRoleSchema>;

/** All the media of a filter, in flow order within each chamber. */
export const PackSchema = z
  .object({
    id: IdSchema,
    filterId: IdSchema,
    role: PackRoleSchema,
    name: nameSchema('The pack’s name'),
    layers: z
      .array(LayerSchema)
      .max(MAX_LAYERS, `A pack has at most ${MAX_LAYERS} layers: merge or remove some.`),
    visits: z
      .array(VisitSchema)
      .max(MAX_VISITS, `A year has at most ${MAX_VISITS} visits planned.`)
      .describe('Planned visits, in days from packing'),
  })
  .refine((pack) => new Set(pack.layers.map((layer) => layer.id)).size === pack.layers.length, {
    path: ['layers'],
    error: 'The same layer is in the pack twice.',
  });
export type Pack = z.infer<typeof PackSchema>;
