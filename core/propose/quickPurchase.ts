import { SHEET_TOLERANCE, POURING_TOLERANCE, VOLUME_TOLERANCE } from '../practice/handTolerances';
import { cutPieces } from '../cut/cutPieces';
import { thicknessesOn } from '../cut/cutPlan';
import type { Size } from '../cut/fillSheet';
import { boxOf } from '../cut/outline';
import { trimToSheet } from '../cut/trimToSheet';
import type { Layer } from '../layers/layer';
import { measureLayer } from '../layers/measureLayer';
import { mediumOf } from '../layers/mediumOf';
import { solidsFactor } from '../layers/solidsFactor';
import { placeLayers } from '../layers/placeLayers';
import type { LooseItem, SheetItem } from '../shelf/shelf';
import type { ChangeFromToday } from './changeFromToday';
import { choiceKey, isUsable } from './choices';
import type { ProposeInput } from './proposeInput';
import { sumOf } from '../maths/sum';

/** Share of a sheet that pieces take which are joined from parts (calibrated). */
const JOINED_SHEET_SHARE = 0.8;

/** Pieces of one size from sheets of one thickness. */
interface Wanted {
  readonly stock: readonly SheetItem[];
  readonly sold: readonly SheetItem[];
  readonly boxes: readonly Size[];
}

/**
 * A quick answer to whether a pack can be made from what is there and what may be spent: sheets by how many pieces of a
 * size each holds, what is poured by volume. The cut plan and the shopping list of a pack say it exactly.
 *
 * @returns true where it can be
 */
export function quickPurchase(
  input: ProposeInput,
): (layers: readonly Layer[], change: Pick<ChangeFromToday, 'cut'>) => boolean {
  const { filter, shelf, today, from, budget } = input;
  const sheets = shelf.items.filter((item) => item.kind === 'sheet');
  const loose = shelf.items.filter((item) => item.kind === 'loose');
  const thicknesses = thicknessesOn(shelf);
  const inFilter = new Map<string, number>();
  for (const { layer, medium, measure } of placeLayers(filter, today))
    if (medium.supply === 'loose' && isUsable(layer))
      inFilter.set(
        choiceKey(layer),
        (inFilter.get(choiceKey(layer)) ?? 0) + measure.volume * solidsFactor(medium, layer),
      );
  const before = new Map(today.map((layer) => [layer.id, layer]));
  const chambers = new Map(filter.chambers.map((chamber) => [chamber.id, chamber]));
  const known = new Map<string, Wanted & { readonly sheet: string }>();
  /** The boxes of a layer that is cut anew, and the sheets that they can come from. */
  const wantedOf = (layer: Layer): Wanted & { readonly sheet: string } => {
    const key = `${layer.medium}/${layer.chamber}/${layer.thickness}`;
    const found = known.get(key);
    if (found !== undefined) return found;
    const pieces = cutPieces(filter, [layer], thicknesses);
    const ply = pieces[0]?.thickness ?? layer.thickness;
    const of = sheets.filter(
      (item) => item.medium === layer.medium && Math.abs(item.thickness - ply) < SHEET_TOLERANCE,
    );
    const [stock, sold] = [of.filter(({ count }) => count > 0), of.filter(({ offcut }) => !offcut)];
    const fresh = {
      sheet: `${layer.medium}/${Math.round(ply / SHEET_TOLERANCE)}`,
      stock,
      sold,
      boxes: pieces.map((piece) => boxOf(trimToSheet(piece, stock, sold).outline)),
    };
    known.set(key, fresh);
    return fresh;
  };
  return (layers, { cut }) => {
    if (from === 'any' && budget === null) return true;
    let spent = 0;
    const groups = new Map<string, Wanted[]>();
    for (const layer of layers) {
      // What was there is trimmed: it takes no sheet.
      if (!cut.includes(layer.id) || before.has(layer.id)) continue;
      const wanted = wantedOf(layer);
      groups.set(wanted.sheet, [...(groups.get(wanted.sheet) ?? []), wanted]);
    }
    for (const group of groups.values()) {
      const [{ stock, sold }] = group as [Wanted, ...Wanted[]];
      const boxes = group.flatMap((wanted) => wanted.boxes);
      const onHand = sumOf(boxes, (box) => 1 / sumOf(stock, (sheet) => sheet.count * fits(box, sheet)));
      if (onHand <= 1 + 1e-9) continue;
      if (from === 'hand' || sold.length === 0) return false;
      const missing = onHand === Infinity ? 1 : 1 - 1 / onHand;
      const offers = sold.map(
        (sheet) =>
          (sheet.price ?? Infinity) * Math.ceil(missing * sumOf(boxes, (box) => 1 / fits(box, sheet)) - 1e-9),
      );
      spent += Math.min(...offers);
    }
    const poured = new Map<string, number>();
    for (const layer of layers) {
      const medium = mediumOf(layer);
      const chamber = chambers.get(layer.chamber);
      if (medium.supply !== 'loose' || chamber === undefined) continue;
      const { volume } = measureLayer(chamber, layer, 0);
      poured.set(
        choiceKey(layer),
        (poured.get(choiceKey(layer)) ?? 0) + volume * solidsFactor(medium, layer),
      );
    }
    for (const [key, volume] of poured) {
      const items = loose.filter(({ medium }) => medium === key);
      const missing = volume - (inFilter.get(key) ?? 0) - sumOf(items, (item) => item.volume);
      if (missing <= Math.max(VOLUME_TOLERANCE, POURING_TOLERANCE * volume)) continue;
      if (from === 'hand') return false;
      spent += Math.min(Infinity, ...items.map((item) => packsFor(item, missing)));
    }
    return budget === null || spent <= budget;
  };
}

const packsFor = ({ packVolume, price }: LooseItem, missing: number): number =>
  packVolume === null || price === null ? Infinity : price * Math.ceil(missing / packVolume - 1e-9);

/** How many pieces of a size come from one sheet; a part of one where it is joined from parts. */
function fits(box: Size, sheet: Size): number {
  const along = (a: number, b: number): number =>
    Math.floor(sheet.length / a + 1e-9) * Math.floor(sheet.width / b + 1e-9);
  const whole = Math.max(along(box.length, box.width), along(box.width, box.length));
  if (whole > 0) return whole;
  const narrow = Math.min(box.length, box.width);
  return narrow <= Math.max(sheet.length, sheet.width)
    ? (JOINED_SHEET_SHARE * sheet.length * sheet.width) / (box.length * box.width)
    : 0;
}
