import { faceSides, isInward } from '../filter/chamberGeometry';
import type { Chamber, Filter } from '../filter/filter';
import { intakeSponge } from '../filter/intakeSponge';
import { isCanister, isHangOnBack } from '../filter/kindFamily';
import { drawnSize } from '../filter/chamberLayout';
import type { LayerReport } from '../report/packMeasures';

/** A rectangle in the cutaway, m: x from the body's left, y from its floor. */
export interface Rect {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export type Point = readonly [x: number, y: number];

/** Outline of a chamber as the cutaway shows it. */
export const chamberRect = (chamber: Chamber): Rect => ({ ...chamber.place, ...drawnSize(chamber) });

/** The parts of the cutaway that a layer fills: one, or two where a pipe or a hollow lies between. */
export function layerRects(
  chamber: Chamber,
  layer: Pick<LayerReport, 'from' | 'to'>,
  cutLength: number | null,
): Rect[] {
  const outline = chamberRect(chamber);
  const { shape, way } = chamber;
  const thickness = layer.to - layer.from;
  if (isInward(shape))
    return [
      { x: outline.x + layer.from, y: outline.y, width: thickness, height: outline.height },
      { x: outline.x + outline.width - layer.to, y: outline.y, width: thickness, height: outline.height },
    ];
  const side = Math.min(cutLength ?? Infinity, faceSides(shape).shown);
  const inset = (faceSides(shape).shown - side) / 2;
  if (way === 'across')
    return [{ x: outline.x + layer.from, y: outline.y + inset, width: thickness, height: side }];
  const y = way === 'up' ? outline.y + layer.from : outline.y + outline.height - layer.to;
  if (shape.form !== 'annulus') return [{ x: outline.x + inset, y, width: side, height: thickness }];
  const half = (shape.diameter - shape.bore) / 2;
  return [
    { x: outline.x, y, width: half, height: thickness },
    { x: outline.x + half + shape.bore, y, width: half, height: thickness },
  ];
}

/** The chambers of the body itself: all but the sponge on the intake. */
const inBody = (filter: Filter): Chamber[] => filter.chambers.filter((chamber) => chamber.where === 'body');

/** How far the drawing reaches, m: the body, and to its left the sponge on the intake. */
export function drawnExtent(filter: Filter): { readonly left: number; readonly width: number } {
  const left = Math.min(0, ...filter.chambers.map((chamber) => chamber.place.x));
  return { left, width: filter.body.width - left };
}

/** Height of the rim a hang-on-back would spill over, above the body's floor; null for other kinds. */
export function levels(filter: Filter): { lip: number; rim: number; tank: number } | null {
  const floor = inBody(filter)[0]?.place.y;
  if (filter.spill === null || floor === undefined) return null;
  const lip = floor + filter.spill.lipAboveFloor;
  return { lip, rim: lip + filter.spill.rimAboveLip, tank: lip - filter.spill.lipAboveTank };
}

/** How high over the lip the way of the water is drawn, m: enough to be seen above the lip's line. */
const LIP_FILM = 0.005;

/** Where the water goes, as a line of corners, m. */
export function waterWay(filter: Filter): Point[] {
  const inlet = inletWay(filter);
  const way: Point[] = [...spongeWay(filter, inlet[0]), ...inlet];
  const level = levels(filter);
  for (const chamber of inBody(filter)) {
    const [entry, [x, y]] = ends(chamber);
    join(way, entry, chamber.way);
    // The water in a hang-on-back leaves at its lip, however high the basket stands.
    way.push([x, level === null ? y : Math.min(y, level.lip + LIP_FILM)]);
  }
  return [...way, ...outletWay(filter, way.at(-1) ?? [0, 0])];
}

/** Where the water enters and leaves a chamber. */
function ends(chamber: Chamber): [Point, Point] {
  const { x, y, width, height } = chamberRect(chamber);
  const middle =
    chamber.shape.form === 'annulus' ? x + (chamber.shape.diameter - chamber.shape.bore) / 4 : x + width / 2;
  switch (chamber.way) {
    case 'up':
      return [
        [middle, y],
        [middle, y + height],
      ];
    case 'down':
      return [
        [middle, y + height],
        [middle, y],
      ];
    case 'across':
      return [
        [x, y + height / 2],
        [x + width, y + height / 2],
      ];
    case 'inward':
      return [
        [x, y + height / 2],
        [x + chamber.depth + OVER_TOP / 2, y + height / 2],
      ];
  }
}

/** How far over the trays water turns before it falls into them, m. */
const OVER_TOP = 0.01;

/** Turns corners at right angles: water runs along walls and over the top, not through them. */
function join(way: Point[], [x, y]: Point, next: Chamber['way']): void {
  const last = way.at(-1);
  if (last !== undefined && last[0] !== x) {
    if (next === 'across' || next === 'inward') way.push([last[0], y]);
    else if (next === 'down' && last[1] < y) way.push([last[0], y + OVER_TOP], [x, y + OVER_TOP]);
    else way.push([x, last[1]]);
  }
  way.push([x, y]);
}

/** How far outside the body arrows begin and end, m. */
const ARROW_LENGTH = 0.012;

function inletWay(filter: Filter): Point[] {
  const { width, height } = filter.body;
  const chambers = inBody(filter);
  const [first] = chambers;
  if (first === undefined) return [];
  const rect = chamberRect(first);
  const under = Math.max(0.008, Math.min(...chambers.map((chamber) => chamber.place.y)) - 0.012);
  switch (filter.kind) {
    case 'canister-centre-pipe':
      return [
        [width / 2, height + ARROW_LENGTH],
        [width / 2, under],
      ];
    case 'hang-on-back-basket':
      return [
        [rect.x / 2, -ARROW_LENGTH],
        [rect.x / 2, under],
      ];
    case 'hang-on-back-cartridge':
      return [
        [rect.x / 2, -ARROW_LENGTH],
        [rect.x / 2, rect.y + rect.height / 2],
      ];
    case 'canister-outside-in':
      return [
        [rect.x / 2, height + ARROW_LENGTH],
        [rect.x / 2, rect.y + rect.height / 2],
      ];
    case 'internal-sponge':
      return [[-ARROW_LENGTH, rect.y + rect.height / 2]];
    case 'internal-compartments':
    case 'composed':
      return [[-ARROW_LENGTH, rect.y + rect.height / 2]];
    case 'canister-side-riser':
    case 'canister-prefilter':
    case 'canister-down-flow':
      return [
        [rect.x + rect.width / 2, height + ARROW_LENGTH],
        [rect.x + rect.width / 2, rect.y + rect.height],
      ];
  }
}

/** Through the sponge, along its tube, to where the water enters the body. */
function spongeWay(filter: Filter, inlet: Point | undefined): Point[] {
  const sponge = intakeSponge(filter);
  if (sponge === null || inlet === undefined) return [];
  const rect = chamberRect(sponge);
  const middle: Point = [rect.x + rect.width / 2, rect.y + rect.height / 2];
  return [[rect.x - ARROW_LENGTH, middle[1]], middle, [middle[0], inlet[1]]];
}

function outletWay(filter: Filter, [x, y]: Point): Point[] {
  const { width, height } = filter.body;
  const level = levels(filter);
  if (isHangOnBack(filter.kind) && level !== null) {
    const over = level.lip + LIP_FILM;
    return [
      [x, over],
      [width + ARROW_LENGTH, over],
      [width + ARROW_LENGTH, level.tank],
    ];
  }
  if (isCanister(filter.kind)) {
    const last = filter.chambers.at(-1);
    // Through the pump head just above the trays.
    const high = y + 0.018;
    // A down-flow canister gives its water back up a pipe at the side.
    if (last?.way === 'down')
      return [
        [x, Math.max(0.008, y - 0.015)],
        [width - 0.012, Math.max(0.008, y - 0.015)],
        [width - 0.012, height + ARROW_LENGTH],
      ];
    return [
      [x, high],
      [width - 0.03, high],
      [width - 0.03, height + ARROW_LENGTH],
    ];
  }
  if (filter.kind === 'internal-sponge')
    return [
      [width / 2, y],
      [width / 2, height - 0.02],
      [width + ARROW_LENGTH, height - 0.02],
    ];
  return [[width + ARROW_LENGTH, y]];
}
