import { seededRandom } from '../maths/seededRandom';
import { fillSheet, fitsOn, LOGICS, type FilledSheet, type Logic, type Part, type Size } from './fillSheet';
import { sumOf } from '../maths/sum';

/** A sheet that is there, by the id of its place on the shelf. */
export interface StockSheet extends Size {
  readonly itemId: string;
}

/** Sheets with what is cut from each; those that are bought have no place on the shelf yet. */
export interface Packed {
  readonly sheets: readonly (Size & { readonly itemId: string | null; readonly filled: FilledSheet })[];
  readonly bought: number;
  /** Area of all sheets that are touched, m². */
  readonly used: number;
  /** Parts for which there is no sheet. */
  readonly left: readonly Part[];
}

/** Orders in which parts are tried. */
const ORDERS: readonly ((a: Part, b: Part) => number)[] = [
  (a, b) => b.length * b.width - a.length * a.width,
  (a, b) => Math.max(b.length, b.width) - Math.max(a.length, a.width),
  (a, b) => Math.min(b.length, b.width) - Math.min(a.length, a.width),
  (a, b) => b.length + b.width - a.length - a.width,
];
/** Further orders that are tried at random where the best is not proven. */
const SHUFFLES = 60;
/** Most sheets that are bought for one thickness of a medium. */
const MAX_BOUGHT = 200;

const areaOf = ({ length, width }: Size): number => length * width;
const total = (sizes: readonly Size[]): number => sumOf(sizes, areaOf);

/** Fewest sheets that must be bought: what the area alone asks for, once all that is there is used up. */
export const leastBought = (parts: readonly Part[], stock: readonly Size[], buy: Size | null): number =>
  buy === null ? 0 : Math.max(0, Math.ceil((total(parts) - total(stock)) / areaOf(buy) - 1e-9));

/**
 * Places parts on the sheets that are there, and on as many bought ones as are needed besides: fewest bought, then least
 * area of sheet touched.
 *
 * @param buy the sheet that can be bought; null: none can
 */
export function packSheets(parts: readonly Part[], stock: readonly StockSheet[], buy: Size | null): Packed {
  const least = leastBought(parts, stock, buy);
  const smallFirst = [...stock].sort((a, b) => areaOf(a) - areaOf(b));
  const orders = [smallFirst, [...smallFirst].reverse()];
  let best: Packed | null = null;
  const better = (found: Packed): boolean =>
    best === null ||
    found.left.length < best.left.length ||
    (found.left.length === best.left.length &&
      (found.bought < best.bought || (found.bought === best.bought && found.used < best.used - 1e-9)));
  const attempt = (sorted: readonly Part[], logic: Logic): void => {
    for (const sheets of orders) {
      const found = packInOrder(sorted, sheets, buy, logic);
      if (better(found)) best = found;
    }
  };
  for (const logic of LOGICS) for (const order of ORDERS) attempt([...parts].sort(order), logic);
  const draw = seededRandom(parts.length + 1);
  for (let run = 0; run < SHUFFLES && !isLeast(best!, parts, least); run += 1)
    attempt(shuffled(parts, draw), LOGICS[run % LOGICS.length]!);
  return best!;
}

/** True where nothing can be better: no more is bought than must be, and no sheet is touched without need. */
const isLeast = (found: Packed, parts: readonly Part[], least: number): boolean =>
  found.left.length === 0 && found.bought === least && found.used <= total(parts) * (1 + 1e-6);

function packInOrder(
  parts: readonly Part[],
  stock: readonly StockSheet[],
  buy: Size | null,
  logic: Logic,
): Packed {
  const sheets: Packed['sheets'][number][] = [];
  let left = parts;
  for (const sheet of stock) {
    if (left.length === 0) break;
    const filled = fillSheet(left, sheet, logic);
    if (filled.placed.length === 0) continue;
    sheets.push({ ...sheet, filled });
    left = filled.left;
  }
  let bought = 0;
  while (buy !== null && left.some((part) => fitsOn(part, buy)) && bought < MAX_BOUGHT) {
    const filled = fillSheet(left, buy, logic);
    sheets.push({ length: buy.length, width: buy.width, itemId: null, filled });
    left = filled.left;
    bought += 1;
  }
  return { sheets, bought, used: total(sheets), left };
}

function shuffled(parts: readonly Part[], draw: () => number): Part[] {
  const mixed = [...parts];
  for (let place = mixed.length - 1; place > 0; place -= 1) {
    const other = Math.floor(draw() * (place + 1));
    [mixed[place], mixed[other]] = [mixed[other]!, mixed[place]!];
  }
  return mixed;
}
