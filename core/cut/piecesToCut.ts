import type { Filter } from '../filter/filter';
import type { CutRecord } from '../job/job';
import type { Layer } from '../layers/layer';
import type { Shelf } from '../shelf/shelf';
import { cutPieces } from './cutPieces';
import type { CutPiece } from './cutPiece';
import { thicknessesOn } from './cutPlan';
import { newLayers } from './newLayers';

/** The pieces of a plan: all of them, and those that are cut anew. */
export interface PlanPieces {
  readonly all: readonly CutPiece[];
  readonly anew: readonly CutPiece[];
}

/**
 * The pieces of foam and pad of a plan, from the sheets that the shelf knows. What was cut stays as thick as it is,
 * whatever the shelf has left.
 *
 * @param found layers that were in the filter before
 * @param record what was cut for the plan; null: nothing yet
 */
export function piecesToCut(
  filter: Filter,
  planned: readonly Layer[],
  found: readonly Layer[],
  shelf: Shelf,
  record: CutRecord | null,
): PlanPieces {
  const cutFrom = (medium: string): number[] =>
    (record?.pieces ?? [])
      .filter(({ layerId }) => planned.some((layer) => layer.id === layerId && layer.medium === medium))
      .map(({ thickness }) => thickness);
  const all = cutPieces(filter, planned, (medium) => [...thicknessesOn(shelf)(medium), ...cutFrom(medium)]);
  const isNew = newLayers(filter, planned, found);
  return { all, anew: all.filter(({ layerId }) => isNew.has(layerId)) };
}
