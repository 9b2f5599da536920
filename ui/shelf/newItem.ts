import { USUAL_SHEET } from '@/core/cut/cutPlan';
import type { ShelfItem } from '@/core/shelf/shelf';

/** A new thing for the shelf, to be typed over. */
export function newItem(kind: ShelfItem['kind']): ShelfItem {
  const common = { id: `${kind}-${crypto.randomUUID()}`, label: '', price: null };
  switch (kind) {
    case 'sheet':
      return { ...common, kind, medium: 'foam-30', ...USUAL_SHEET, thickness: 0.03, count: 1, offcut: false };
    case 'loose':
      return { ...common, kind, medium: 'porous-ceramic', volume: 1e-3, packVolume: null };
    case 'piece':
      return { ...common, kind, medium: 'cartridge', count: 1 };
    case 'bag':
      return { ...common, kind, volume: 1e-3, count: 1 };
    case 'spare':
      return { ...common, kind, part: 'lid seal', count: 1 };
  }
}
