import type { Shelf, ShelfItem } from './shelf';

/** What a litre of an item costs, in money per m³; null where no price or no volume is known. */
export function pricePerVolume(item: ShelfItem): number | null {
  if (item.kind === 'sheet')
    return item.price === null ? null : item.price / (item.length * item.width * item.thickness);
  if (item.kind === 'loose')
    return item.price === null || item.packVolume === null ? null : item.price / item.packVolume;
  return null;
}

/** Cheapest price of a medium, money per m³ as it is poured or cut; null: none is known. */
export function cheapestPerVolume(medium: string, shelf: Shelf): number | null {
  const prices = shelf.items
    .filter((item) => (item.kind === 'sheet' || item.kind === 'loose') && item.medium === medium)
    .map(pricePerVolume)
    .filter((price) => price !== null);
  return prices.length === 0 ? null : Math.min(...prices);
}

/** The same medium under several labels, cheapest first: how many times the cheapest each costs a litre. */
export interface LabelComparison {
  readonly medium: string;
  readonly offers: readonly { readonly id: string; readonly perVolume: number; readonly times: number }[];
}

/** Media that are on the shelf under more than one priced label, compared per litre and never per pack. */
export function comparedLabels({ items }: Shelf): LabelComparison[] {
  const byMedium = new Map<string, { id: string; perVolume: number }[]>();
  for (const item of items) {
    const perVolume = pricePerVolume(item);
    if (perVolume === null || (item.kind !== 'sheet' && item.kind !== 'loose')) continue;
    byMedium.set(item.medium, [...(byMedium.get(item.medium) ?? []), { id: item.id, perVolume }]);
  }
  return [...byMedium].flatMap(([medium, offers]) => {
    const [cheapest, ...others] = offers.sort((a, b) => a.perVolume - b.perVolume);
    return cheapest === undefined || others.length === 0
      ? []
      : [
          {
            medium,
            offers: [cheapest, ...others].map((offer) => ({
              ...offer,
              times: offer.perVolume / cheapest.perVolume,
            })),
          },
        ];
  });
}
