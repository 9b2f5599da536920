import type { Filter } from '@/core/filter/filter';
import { flowOrder } from '@/core/layers/flowOrder';
import type { Layer } from '@/core/layers/layer';
import type { PackEdit } from '@/core/pack/packEdit';
import { CUT_STEP, snapThickness } from './snapThickness';

/** What a key does to the layer that has the focus. */
export type LayerAction =
  | { readonly type: 'select'; readonly layerId: string }
  | { readonly type: 'open' }
  | { readonly type: 'edit'; readonly edit: PackEdit; readonly mark?: string; readonly then?: string | null };

type Press = Pick<KeyboardEvent, 'key' | 'altKey' | 'shiftKey' | 'ctrlKey' | 'metaKey'>;

/** The action of a key press on a layer, or null when the key means nothing here. */
export function layerEdits(
  filter: Filter,
  layers: readonly Layer[],
  layerId: string,
  press: Press,
): LayerAction | null {
  if (press.ctrlKey || press.metaKey) return null;
  const inFlow = flowOrder(filter, layers);
  const index = inFlow.findIndex((layer) => layer.id === layerId);
  const layer = inFlow[index];
  if (layer === undefined) return null;
  const neighbour = (step: number): Layer | undefined => inFlow[index + step];
  switch (press.key) {
    case 'ArrowLeft':
    case 'ArrowRight': {
      const step = press.key === 'ArrowLeft' ? -1 : 1;
      if (press.altKey) {
        const edit = moveBy(filter, inFlow, layer, step);
        return edit === null ? null : { type: 'edit', edit };
      }
      const next = neighbour(step);
      return next === undefined ? null : { type: 'select', layerId: next.id };
    }
    case '+':
    case '=':
    case '-':
    case '_': {
      const step =
        (press.key === '+' || press.key === '=' ? 1 : -1) *
        CUT_STEP *
        (press.shiftKey && press.key !== '+' ? 10 : 1);
      const thickness = snapThickness(layer.thickness + step, { filledWithout: 0, usableDepth: 0, reach: 0 });
      return { type: 'edit', edit: { type: 'set', layerId, change: { thickness } }, mark: `keys ${layerId}` };
    }
    case 'Delete':
    case 'Backspace':
      return {
        type: 'edit',
        edit: { type: 'remove', layerId },
        then: (neighbour(1) ?? neighbour(-1))?.id ?? null,
      };
    case 'Enter':
      return { type: 'open' };
    default:
      return null;
  }
}

/** One place in flow order: past the neighbour, or over into the next chamber; null at either end. */
export function moveBy(
  filter: Filter,
  layers: readonly Layer[],
  layer: Layer,
  step: 1 | -1,
): PackEdit | null {
  const inFlow = flowOrder(filter, layers);
  const inside = inFlow.filter((item) => item.chamber === layer.chamber);
  const index = inside.indexOf(layer) + step;
  if (index >= 0 && index < inside.length)
    return { type: 'move', layerId: layer.id, chamberId: layer.chamber, index };
  const chamberAt = filter.chambers.findIndex((chamber) => chamber.id === layer.chamber);
  const next = filter.chambers[chamberAt + step];
  if (next === undefined) return null;
  const landing = step === 1 ? 0 : inFlow.filter((candidate) => candidate.chamber === next.id).length;
  return { type: 'move', layerId: layer.id, chamberId: next.id, index: landing };
}
