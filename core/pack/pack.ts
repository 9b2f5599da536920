import { z } from 'zod';
import { IdSchema, nameSchema } from '../document/fields';
import { findMedium } from '../media/catalogue';
import type { Filter } from '../filter/filter';
import { MOST_VISITS, VisitSchema } from './visit';
import { LayerSchema, type Layer } from '../layers/layer';

/** Most layers a pack may have: more than any filter holds, few enough to draw. */
export const MOST_LAYERS = 60;

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
      .max(MOST_LAYERS, `A pack has at most ${MOST_LAYERS} layers: merge or remove some.`),
    visits: z
      .array(VisitSchema)
      .max(MOST_VISITS, `A year has at most ${MOST_VISITS} visits planned.`)
      .describe('When hands are to go into the filter, by days from packing'),
  })
  .refine((pack) => new Set(pack.layers.map((layer) => layer.id)).size === pack.layers.length, {
    path: ['layers'],
    error: 'The same layer stands in the pack twice.',
  });
export type Pack = z.infer<typeof PackSchema>;

/**
 * What keeps a pack from belonging to a filter: media the catalogue does not have and chambers the filter does not
 * have. Empty when it fits together. One line a fault, with the layer's place counted from 1.
 */
export function packFaults(filter: Filter, layers: readonly Layer[]): string[] {
  const chambers = new Set(filter.chambers.map((chamber) => chamber.id));
  return layers.flatMap((layer, at) => [
    ...mediumFaults(layer, at),
    ...(chambers.has(layer.chamber)
      ? []
      : [`Layer ${at + 1} sits in the chamber “${layer.chamber}”, which the filter does not have.`]),
  ]);
}

/** The same for the media alone: a record of an old pack may name chambers that the filter has lost since. */
export const recordFaults = (layers: readonly Layer[]): string[] => layers.flatMap(mediumFaults);

const mediumFaults = (layer: Layer, at: number): string[] =>
  findMedium(layer.medium) === undefined
    ? [`Layer ${at + 1} refers to the medium “${layer.medium}”, which the catalogue does not have.`]
    : [];
