import { UPRIGHT_PAD_GAP } from '../practice/uprightPadGap';
import { isInward } from '../filter/chamberGeometry';
import type { Chamber, Filter } from '../filter/filter';
import { isPrefilter } from '../filter/isPrefilter';
import { bottomSpace } from '../filter/settlementPlace';
import { usableDepth } from '../filter/usableDepth';
import type { Schools } from '../findings/schools';
import type { Layer } from '../layers/layer';
import { isBiologicalOnly, isMechanical } from '../layers/layerRole';
import { sumOf } from '../maths/sum';

/** A chamber with the room that is left in it between the layers that stay where they are. */
export interface Slot {
  readonly chamber: Chamber;
  /** Layers that stay, before and after the room. */
  readonly before: readonly Layer[];
  readonly after: readonly Layer[];
  /** Where the room begins along the chamber, and how deep it is, m. */
  readonly from: number;
  readonly depth: number;
}

/** The room of a filter for new layers. */
export interface FreeSpace {
  /**
   * Chambers that are filled by themselves: with foam around the trays, in a prefilter, in a column beside them; the open
   * space under the trays. In flow order.
   */
  readonly lead: readonly Slot[];
  /** All others, in flow order. */
  readonly main: readonly Slot[];
  /** Layers that are in no slot: on the intake. */
  readonly fixed: readonly Layer[];
}

/** Share of the last chamber that keepers leave free who leave room (common practice, no source). */
const LEFT_FREE = 0.1;
/** Room below this is none, m. */
const MIN_ROOM = 5e-3;

/** True for a chamber that is filled by itself, ahead of all others. */
function isLead(filter: Filter, chamber: Chamber, index: number, others: boolean): boolean {
  if (!others) return false;
  return (
    chamber === bottomSpace(filter) ||
    isPrefilter(filter, chamber) ||
    isInward(chamber.shape) ||
    (filter.kind === 'canister-side-riser' && index === 0)
  );
}

/**
 * The room for new layers. What is pinned keeps its chamber: what catches dirt comes before the room there, all
 * else after it.
 *
 * @param layers of the plan as it is, in flow order within each chamber
 * @param pinned ids of those that stay where they are
 */
export function freeDepthByChamber(
  filter: Filter,
  layers: readonly Layer[],
  pinned: ReadonlySet<string>,
  fullness: Schools['fullness'],
): FreeSpace {
  const body = filter.chambers.filter(({ where }) => where === 'body');
  const straight = body.filter(({ shape }) => !isInward(shape));
  const slots = body.map((chamber, index): Slot & { readonly lead: boolean } => {
    const stays = layers.filter((layer) => layer.chamber === chamber.id && pinned.has(layer.id));
    const before = stays.filter((layer) => isMechanical(layer) && !isBiologicalOnly(layer));
    const after = stays.filter((layer) => !before.includes(layer));
    const depthOf = (some: readonly Layer[]): number => sumOf(some, ({ thickness }) => thickness);
    const last = index === body.length - 1;
    // In an upright slot the gap behind the pad is the room that is left.
    const leaves =
      filter.kind === 'hang-on-back-cartridge'
        ? UPRIGHT_PAD_GAP
        : fullness === 'leave room'
          ? LEFT_FREE * usableDepth(chamber)
          : 0;
    const kept = last ? leaves : 0;
    return {
      chamber,
      before,
      after,
      from: depthOf(before),
      depth: usableDepth(chamber) - depthOf(before) - depthOf(after) - kept,
      lead: isLead(filter, chamber, index, straight.length > 0 && body.length > 1),
    };
  });
  const main = slots.filter(({ lead }) => !lead);
  return {
    lead: slots.filter(({ lead }) => lead),
    main,
    fixed: layers.filter((layer) =>
      filter.chambers.some(({ id, where }) => id === layer.chamber && where === 'intake'),
    ),
  };
}

/** True where there is room for a layer. */
export const isOpen = ({ depth }: Slot): boolean => depth >= MIN_ROOM;
