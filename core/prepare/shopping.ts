import { VOLUME_TOLERANCE } from '../practice/handTolerances';
import type { CutGroup } from '../cut/cutPlan';
import type { PartsSeen, SmallPart } from '../filter/smallPart';
import { faultyParts } from '../filter/smallParts';
import type { Filter } from '../filter/filter';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import { catalogueId } from '../media/catalogueId';
import type { Medium } from '../media/medium';
import type { LooseItem, Shelf, ShelfItem } from '../shelf/shelf';
import type { Spare } from '../shelf/spares';
import { addedShares } from './addedShares';
import type { Fill } from './bags';
import { sumOf } from '../maths/sum';

/** One thing that a plan takes, what of it is there, and what must be bought. Counts, or m³ for loose media. */
export interface Need {
  readonly key: string;
  readonly kind: ShelfItem['kind'];
  readonly medium: Medium | null;
  readonly part: Spare | null;
  /** Of a sheet or bag: sides m, capacity m³. */
  readonly size:
    { readonly length: number; readonly width: number; readonly thickness: number } | number | null;
  readonly needed: number;
  readonly onHand: number;
  /** null: nothing must be bought. */
  readonly buy: {
    /** Packs as they are sold; null for loose media of unknown pack sizes. */
    readonly packs: number | null;
    /** What a pack holds, m³ or 1. */
    readonly pack: number | null;
    readonly label: string;
    /** In the keeper’s currency; null: no price is known. */
    readonly cost: number | null;
  } | null;
}

/** Spares that replace a small part found worn or missing. */
const SPARE_FOR: Readonly<Partial<Record<SmallPart, Spare>>> = {
  seal: 'lid seal',
  'motor seal': 'motor seal',
  clips: 'lid clip',
  impeller: 'impeller',
  'intake tube': 'intake tube',
  'suction cups': 'suction cup',
  hoses: 'hose, 1 m',
  'hose collars': 'hose collar',
  taps: 'tap',
  'levelling foot': 'levelling foot',
  lid: 'lid',
  'air bleed': 'air-bleed tube',
  grid: 'grid',
};

/** What a plan takes from the shelf and from the shop. */
export interface PlanNeeds {
  readonly filter: Filter;
  readonly layers: readonly Layer[];
  /** Layers that were in the filter before: what of the plan is already there is not bought. */
  readonly found: readonly Layer[];
  readonly cuts: readonly CutGroup[];
  readonly fills: readonly Fill[];
  readonly parts: PartsSeen;
}

/** What a plan takes, thing by thing. Cheapest packs that are known are bought. */
export function shoppingList(plan: PlanNeeds, shelf: Shelf): Need[] {
  const added = addedShares(plan.filter, plan.layers, plan.found);
  const share = (layerId: string): number => added.get(layerId) ?? 0;
  return [
    ...plan.cuts.flatMap((group) => sheetNeeds(group)),
    ...looseNeeds(
      plan.fills
        .filter(({ layerId }) => share(layerId) > 0)
        .map((fill) => ({ ...fill, poured: share(fill.layerId) * fill.poured })),
      shelf,
    ),
    ...pieceNeeds(plan, (layerId) => share(layerId) > 0, shelf),
    // More of a medium goes into the bag that is there.
    ...bagNeeds(
      plan.fills.filter(({ layerId }) => share(layerId) === 1),
      shelf,
    ),
    ...spareNeeds(plan, shelf),
  ];
}

function sheetNeeds({ medium, thickness, sheets, bought, buy }: CutGroup): Need[] {
  const used = sheets.filter(({ from }) => from !== 'to buy');
  const sized = (length: number, width: number) => ({ length, width, thickness });
  const first = used[0];
  return [
    ...(first === undefined
      ? []
      : [
          {
            key: `sheet/${medium.id}/${thickness}`,
            kind: 'sheet' as const,
            medium,
            part: null,
            size: sized(first.length, first.width),
            needed: used.length,
            onHand: used.length,
            buy: null,
          },
        ]),
    ...(buy === null
      ? []
      : [
          {
            key: `sheet/${medium.id}/${thickness}/buy`,
            kind: 'sheet' as const,
            medium,
            part: null,
            size: sized(buy.length, buy.width),
            needed: bought,
            onHand: 0,
            buy: { packs: bought, pack: 1, label: '', cost: buy.price === null ? null : bought * buy.price },
          },
        ]),
  ];
}

function looseNeeds(wanted: readonly Fill[], shelf: Shelf): Need[] {
  const byMedium = new Map<string, { medium: Medium; volume: number }>();
  for (const { medium, poured } of wanted)
    byMedium.set(medium.id, { medium, volume: (byMedium.get(medium.id)?.volume ?? 0) + poured });
  return [...byMedium.values()].map(({ medium, volume }) => {
    const items = shelf.items.filter(
      (item) => item.kind === 'loose' && item.medium === medium.id,
    ) as LooseItem[];
    const onHand = sumOf(items, (item) => item.volume);
    const missing = volume - onHand;
    return {
      key: `loose/${medium.id}`,
      kind: 'loose',
      medium,
      part: null,
      size: null,
      needed: volume,
      onHand,
      buy: missing <= VOLUME_TOLERANCE ? null : cheapestPacks(items, missing),
    };
  });
}

/** The packs of one label that make up a volume for the least money; without a price, in the fewest packs. */
function cheapestPacks(items: readonly LooseItem[], missing: number): NonNullable<Need['buy']> {
  const offers = items
    .flatMap(({ label, packVolume, price }) =>
      packVolume === null
        ? []
        : [{ label, pack: packVolume, price, packs: Math.ceil(missing / packVolume - 1e-9) }],
    )
    .map((offer) => ({ ...offer, cost: offer.price === null ? null : offer.packs * offer.price }))
    .sort((a, b) => (a.cost ?? Infinity) - (b.cost ?? Infinity) || a.packs - b.packs);
  const [best] = offers;
  return best === undefined
    ? { packs: null, pack: null, label: '', cost: null }
    : { packs: best.packs, pack: best.pack, label: best.label, cost: best.cost };
}

const counted = (
  base: Pick<Need, 'key' | 'kind' | 'medium' | 'part' | 'size'>,
  needed: number,
  items: readonly { readonly count: number; readonly price: number | null; readonly label: string }[],
): Need => {
  const onHand = sumOf(items, ({ count }) => count);
  const missing = Math.max(0, needed - onHand);
  const cheapest = items
    .filter(({ price }) => price !== null)
    .sort((a, b) => (a.price ?? 0) - (b.price ?? 0))[0];
  return {
    ...base,
    needed,
    onHand,
    buy:
      missing === 0
        ? null
        : {
            packs: missing,
            pack: 1,
            label: cheapest?.label ?? '',
            cost: cheapest?.price == null ? null : missing * cheapest.price,
          },
  };
};

/** Pieces that are not bought: spacers of what is at hand, and blocks that the keeper prints. */
const isMade = (medium: Medium): boolean =>
  medium.family === 'spacer' || catalogueId(medium) === 'printed-block';

function pieceNeeds(
  { filter, layers }: PlanNeeds,
  isNew: (layerId: string) => boolean,
  shelf: Shelf,
): Need[] {
  const counts = new Map<string, { medium: Medium; count: number }>();
  for (const { layer, medium } of placeLayers(filter, layers))
    if (medium.supply === 'piece' && !isMade(medium) && isNew(layer.id))
      counts.set(medium.id, { medium, count: (counts.get(medium.id)?.count ?? 0) + 1 });
  return [...counts.values()].map(({ medium, count }) =>
    counted(
      { key: `piece/${medium.id}`, kind: 'piece', medium, part: null, size: null },
      count,
      shelf.items.filter((item) => item.kind === 'piece' && item.medium === medium.id) as Extract<
        ShelfItem,
        { kind: 'piece' }
      >[],
    ),
  );
}

function bagNeeds(wanted: readonly Fill[], shelf: Shelf): Need[] {
  const bags = shelf.items.filter((item) => item.kind === 'bag');
  // Bags that are taken for one layer are not there for the next.
  const left = new Map(bags.map(({ id, count }) => [id, count]));
  return wanted.flatMap(({ layerId, medium, bags: wish }) => {
    if (wish === null) return [];
    const large = bags.filter(({ volume }) => volume >= wish.size - VOLUME_TOLERANCE);
    const there = large.map((item) => ({ ...item, count: left.get(item.id) ?? 0 }));
    const need = counted(
      { key: `bag/${layerId}`, kind: 'bag', medium, part: null, size: wish.size },
      wish.count,
      there,
    );
    let taken = wish.count;
    for (const { id, count } of [...there].sort((a, b) => a.volume - b.volume)) {
      const uses = Math.min(taken, count);
      left.set(id, count - uses);
      taken -= uses;
    }
    return [need];
  });
}

function spareNeeds({ filter, parts }: PlanNeeds, shelf: Shelf): Need[] {
  const counts = new Map<Spare, number>();
  for (const { part } of faultyParts(filter, parts)) {
    const spare = SPARE_FOR[part];
    if (spare !== undefined) counts.set(spare, (counts.get(spare) ?? 0) + 1);
  }
  return [...counts].map(([part, count]) =>
    counted(
      { key: `spare/${part}`, kind: 'spare', medium: null, part, size: null },
      count,
      shelf.items.filter((item) => item.kind === 'spare' && item.part === part) as Extract<
        ShelfItem,
        { kind: 'spare' }
      >[],
    ),
  );
}

/** What a shopping list costs, and how many things on it have no price. */
export function listCost(needs: readonly Need[]): { readonly known: number; readonly unpriced: number } {
  const bought = needs.flatMap(({ buy }) => (buy === null ? [] : [buy]));
  return {
    known: sumOf(bought, ({ cost }) => cost ?? 0),
    unpriced: bought.filter(({ cost }) => cost === null).length,
  };
}
