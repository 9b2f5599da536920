import { faceSides, isInward } from './chamberGeometry';
import type { Chamber, Filter } from './filter';
import type { FilterKind } from './filterKind';

/** A chamber whose place in the drawing is not settled yet. */
export type UnplacedChamber = Omit<Chamber, 'place'>;

type Placed = Pick<Filter, 'body' | 'chambers'>;

/* Distances between the parts of a body as drawn, m: typical of the kinds (common practice, no source). */
export const WALL = 0.015;
const TRAY_GAP = 0.005;
const FLOOR_SPACE = 0.03;
const PUMP_HEAD = 0.07;
/** Room beside a hang-on-back's basket or cartridges for intake tube and impeller. */
const INTAKE_WELL = 0.065;
const CARTRIDGE_WELL = 0.035;
/** Between the body and the sponge on its intake. */
const SPONGE_GAP = 0.03;

/** Width and height of a chamber as the cutaway shows it, m. */
export function drawnSize({ shape, depth, way }: UnplacedChamber): { width: number; height: number } {
  const { shown } = faceSides(shape);
  if (shape.form === 'perimeter') return { width: shape.length, height: shape.height };
  if (shape.form === 'sleeve') return { width: shape.diameter, height: shape.height };
  return way === 'across' ? { width: depth, height: shown } : { width: shown, height: depth };
}

/**
 * Puts chambers where they sit in a body of the kind and draws the body around them: trays one upon the other with
 * the first in flow at the bottom when the water rises and at the top when it falls, columns and perimeter foams
 * beside or around them, slots side by side. Chambers come in flow order and stay in it.
 */
export function chamberLayout(
  kind: FilterKind,
  allChambers: readonly UnplacedChamber[],
  spill: Filter['spill'],
): Placed {
  const sponges = allChambers.filter((chamber) => chamber.where === 'intake');
  const chambers = allChambers.filter((chamber) => chamber.where === 'body');
  const placed =
    kind === 'hang-on-back-cartridge' || kind === 'internal-compartments' || kind === 'composed'
      ? inRow(kind, chambers)
      : inStack(kind, chambers);
  const right = Math.max(...placed.map((chamber) => chamber.place.x + drawnSize(chamber).width));
  const top = Math.max(...placed.map((chamber) => chamber.place.y + drawnSize(chamber).height));
  const height =
    spill === null
      ? top + (kind === 'internal-compartments' || kind === 'composed' ? FLOOR_SPACE : PUMP_HEAD)
      : Math.max(top, (placed[0]?.place.y ?? 0) + spill.lipAboveFloor + spill.rimAboveLip) + WALL;
  // The sponge hangs in the tank, beside the body.
  const beside = sponges.map((sponge) => ({
    ...sponge,
    place: { x: -SPONGE_GAP - drawnSize(sponge).width, y: WALL },
  }));
  return { body: { width: right + WALL, height }, chambers: [...beside, ...placed] };
}

function inRow(kind: FilterKind, chambers: readonly UnplacedChamber[]): Chamber[] {
  let x = kind === 'hang-on-back-cartridge' ? CARTRIDGE_WELL : WALL;
  return chambers.map((chamber) => {
    const place = { x, y: WALL };
    x += drawnSize(chamber).width + TRAY_GAP;
    return { ...chamber, place };
  });
}

function inStack(kind: FilterKind, chambers: readonly UnplacedChamber[]): Chamber[] {
  const [first] = chambers;
  const around = first !== undefined && isInward(first.shape) && chambers.length > 1;
  const beside = (kind === 'canister-side-riser' || kind === 'canister-prefilter') && chambers.length > 1;
  const aside = first !== undefined && (around || beside) ? [first] : [];
  const stack = chambers.slice(aside.length);
  const left = kind === 'hang-on-back-basket' ? INTAKE_WELL : WALL;
  const [outer] = aside;
  const trayLeft = (chamber: UnplacedChamber): number => {
    if (outer === undefined) return left;
    if (beside) return left + drawnSize(outer).width + TRAY_GAP;
    return left + Math.max(outer.depth, (drawnSize(outer).width - drawnSize(chamber).width) / 2);
  };
  const fromBelow = stack.every((chamber) => chamber.way === 'down') ? [...stack].reverse() : stack;
  const floors = new Map<UnplacedChamber, number>();
  let y = FLOOR_SPACE;
  for (const chamber of fromBelow) {
    floors.set(chamber, y);
    y += drawnSize(chamber).height + TRAY_GAP;
  }
  return [
    ...aside.map((chamber) => ({ ...chamber, place: { x: left, y: FLOOR_SPACE } })),
    ...stack.map((chamber) => ({
      ...chamber,
      place: { x: trayLeft(chamber), y: floors.get(chamber) ?? FLOOR_SPACE },
    })),
  ];
}
