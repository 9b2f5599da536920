import type { Shelf, ShelfItem } from '../shelf/shelf';
import type { Need } from './shopping';

/** Key under which a repack keeps that its media were taken from the shelf. */
export const FILLED_KEY = 'filled';

/** Kinds of things that are taken from the shelf when bags are filled. */
export const isTakenToFill = ({ kind }: Pick<Need, 'kind'>): boolean =>
  kind === 'loose' || kind === 'bag' || kind === 'piece';

/**
 * The shelf once loose media, bags and pieces of a plan were taken from it. Of what had to be bought, whole packs came, and
 * what is left of the last lies on the shelf.
 */
export function afterFilling(shelf: Shelf, needs: readonly Need[]): Shelf {
  let items: readonly ShelfItem[] = shelf.items;
  for (const need of needs.filter(isTakenToFill)) {
    const bought = (need.buy?.packs ?? 0) * (need.buy?.pack ?? 0);
    let left = need.needed;
    items = items.map((item) => {
      if (item.kind === 'loose' && need.kind === 'loose' && item.medium === need.medium?.id) {
        const came =
          need.buy !== null && item.label === need.buy.label && item.packVolume === need.buy.pack
            ? bought
            : 0;
        const taken = Math.min(left, item.volume + came);
        left -= taken;
        return { ...item, volume: Math.max(0, item.volume + came - taken) };
      }
      const fits =
        (item.kind === 'piece' && need.kind === 'piece' && item.medium === need.medium?.id) ||
        (item.kind === 'bag' &&
          need.kind === 'bag' &&
          typeof need.size === 'number' &&
          item.volume >= need.size);
      if (!fits || (item.kind !== 'piece' && item.kind !== 'bag')) return item;
      const taken = Math.min(left, item.count);
      left -= taken;
      return { ...item, count: item.count - taken };
    });
  }
  return { ...shelf, items: [...items] };
}
