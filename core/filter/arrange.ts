import type { Chamber, Filter } from './filter';
import { drawnSize, chamberLayout, type UnplacedChamber, WALL } from './chamberLayout';

type Arranged = Pick<Filter, 'kind' | 'spill' | 'body' | 'chambers'>;

/** Closer than this, m, a place is where the layout put it. */
const PLACE_TOLERANCE = 1e-6;

/** True while every chamber is where the layout of its kind puts it: no place was entered. */
export function isLaidOut({ kind, spill, chambers }: Arranged): boolean {
  const usual = chamberLayout(kind, chambers, spill).chambers;
  return chambers.every((chamber) => {
    const there = usual.find((item) => item.id === chamber.id)?.place;
    return (
      there !== undefined &&
      Math.abs(there.x - chamber.place.x) < PLACE_TOLERANCE &&
      Math.abs(there.y - chamber.place.y) < PLACE_TOLERANCE
    );
  });
}

/**
 * Other chambers in a body. As long as no place was entered they are laid out anew; after that each stays where
 * it was put, a new one goes where the layout would have it, and the body grows around them all.
 *
 * @param chambers in flow order; those with a place of their own keep it
 */
export function arrange(
  before: Arranged,
  chambers: readonly UnplacedChamber[],
  spill: Filter['spill'] = before.spill,
): Pick<Filter, 'body' | 'chambers'> {
  const usual = chamberLayout(before.kind, chambers, spill);
  if (isLaidOut(before)) return usual;
  const places = new Map(before.chambers.map((chamber) => [chamber.id, chamber.place]));
  return bodyAround(
    usual.body,
    usual.chambers.map((chamber) => ({ ...chamber, place: places.get(chamber.id) ?? chamber.place })),
    chambers,
  );
}

/** One chamber put somewhere else in its body, m from the left and from the floor; the gaps follow from that. */
export function placeChamber(
  before: Arranged,
  chamberId: string,
  place: Chamber['place'],
): Pick<Filter, 'body' | 'chambers'> {
  return bodyAround(
    chamberLayout(before.kind, before.chambers, before.spill).body,
    before.chambers.map((chamber) => (chamber.id === chamberId ? { ...chamber, place } : chamber)),
    before.chambers,
  );
}

/** The smallest body, no less than the usual one, that holds every chamber; they stay in the order given. */
function bodyAround(
  usual: Filter['body'],
  placed: readonly Chamber[],
  order: readonly { id: string }[],
): Pick<Filter, 'body' | 'chambers'> {
  const inside = placed.filter((chamber) => chamber.where === 'body');
  const right = Math.max(...inside.map((chamber) => chamber.place.x + drawnSize(chamber).width));
  const top = Math.max(...inside.map((chamber) => chamber.place.y + drawnSize(chamber).height));
  return {
    body: { width: Math.max(usual.width, right + WALL), height: Math.max(usual.height, top + WALL) },
    chambers: order.flatMap(({ id }) => placed.filter((chamber) => chamber.id === id)),
  };
}
