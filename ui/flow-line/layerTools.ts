import type { Layer } from '@/core/layers/layer';
import { mediumOf } from '@/core/layers/mediumOf';
import { LAYER_BOUNDS } from '@/core/layers/layerBounds';
import type { PackEdit } from '@/core/pack/packEdit';
import { plainLayer } from '@/core/layers/plainLayer';

/** Pads that a thin bag is laid between, and how thick they are, m (common practice, no source). */
const SANDWICH_MEDIUM = 'floss-bonded';
const SANDWICH_THICKNESS = 0.01;

/** Two layers of half the thickness, or null for one too thin to be halved. */
export function splitEdit(layer: Layer, inChamber: readonly Layer[]): PackEdit | null {
  const half = layer.thickness / 2;
  if (half < LAYER_BOUNDS.thickness.min) return null;
  return {
    type: 'all',
    edits: [
      { type: 'set', layerId: layer.id, change: { thickness: half } },
      {
        type: 'add',
        layer: { ...layer, id: crypto.randomUUID(), thickness: half },
        index: inChamber.indexOf(layer) + 1,
      },
    ],
  };
}

/** One layer of both thicknesses, or null where the next is of another medium, or there is none. */
export function mergeEdit(layer: Layer, inChamber: readonly Layer[]): PackEdit | null {
  const next = inChamber[inChamber.indexOf(layer) + 1];
  if (next === undefined || mediumOf(next).id !== mediumOf(layer).id) return null;
  const thickness = layer.thickness + next.thickness;
  if (thickness > LAYER_BOUNDS.thickness.max) return null;
  return {
    type: 'all',
    edits: [
      { type: 'remove', layerId: next.id },
      { type: 'set', layerId: layer.id, change: { thickness } },
    ],
  };
}

/** A pad before and one after, both to the walls, so that water cannot go around a thin bag. */
export function sandwichEdit(layer: Layer, inChamber: readonly Layer[]): PackEdit {
  const index = inChamber.indexOf(layer);
  const pad = (): Layer =>
    plainLayer(crypto.randomUUID(), SANDWICH_MEDIUM, layer.chamber, SANDWICH_THICKNESS);
  return {
    type: 'all',
    edits: [
      { type: 'add', layer: pad(), index: index + 1 },
      { type: 'add', layer: pad(), index: index },
    ],
  };
}
