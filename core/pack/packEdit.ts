import type { Layer } from '../layers/layer';
import type { OwnMedium } from '../media/ownMediumSchema';
import { withOwnMedium } from './withOwnMedium';

/** One change to a plan. The bench's drags, its keys and the findings' remedies all speak in these. */
export type PackEdit =
  | { readonly type: 'add'; readonly layer: Layer; readonly index: number }
  | { readonly type: 'remove'; readonly layerId: string }
  | { readonly type: 'move'; readonly layerId: string; readonly chamberId: string; readonly index: number }
  | { readonly type: 'set'; readonly layerId: string; readonly change: Partial<Omit<Layer, 'id'>> }
  | { readonly type: 'arrange'; readonly chamberId: string; readonly layerIds: readonly string[] }
  | { readonly type: 'describe'; readonly own: OwnMedium }
  | { readonly type: 'replace'; readonly layers: readonly Layer[] }
  | { readonly type: 'all'; readonly edits: readonly PackEdit[] };

/**
 * The layers after an edit; the input is left as it was. `index` counts within the chamber, in flow order, after the
 * moved layer was taken out, and is held to what the chamber has. `describe` gives a medium of one’s own other figures
 * wherever it is. An edit that names a layer which is not there
 * changes nothing.
 */
export function applyEdit(layers: readonly Layer[], edit: PackEdit): Layer[] {
  switch (edit.type) {
    case 'add':
      return insert(layers, edit.layer, edit.index);
    case 'remove':
      return layers.filter((layer) => layer.id !== edit.layerId);
    case 'set':
      return layers.map((layer) => (layer.id === edit.layerId ? { ...layer, ...edit.change } : layer));
    case 'move': {
      const moved = layers.find((layer) => layer.id === edit.layerId);
      if (moved === undefined) return [...layers];
      const rest = layers.filter((layer) => layer.id !== edit.layerId);
      return insert(rest, { ...moved, chamber: edit.chamberId }, edit.index);
    }
    case 'arrange': {
      const order = (layer: Layer): number => {
        const index = edit.layerIds.indexOf(layer.id);
        return index === -1 ? edit.layerIds.length : index;
      };
      const arranged = layers
        .filter((layer) => layer.chamber === edit.chamberId)
        .sort((a, b) => order(a) - order(b));
      return layers.map((layer) => (layer.chamber === edit.chamberId ? (arranged.shift() ?? layer) : layer));
    }
    case 'describe':
      return withOwnMedium(layers, edit.own);
    case 'replace':
      return [...edit.layers];
    case 'all':
      return edit.edits.reduce<Layer[]>((current, item) => applyEdit(current, item), [...layers]);
  }
}

function insert(layers: readonly Layer[], layer: Layer, index: number): Layer[] {
  const inChamber = layers.filter((item) => item.chamber === layer.chamber);
  const next = inChamber[Math.max(0, index)];
  const last = inChamber.at(-1);
  const place =
    next !== undefined ? layers.indexOf(next) : last !== undefined ? layers.indexOf(last) + 1 : layers.length;
  return [...layers.slice(0, place), layer, ...layers.slice(place)];
}
