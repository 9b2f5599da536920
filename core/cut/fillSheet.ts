import { MaxRectsPacker } from 'maxrects-packer';

/** A rectangle that is to be cut, m. */
export interface Part {
  readonly id: string;
  readonly length: number;
  readonly width: number;
}

/** A rectangle on a sheet: its lower left corner and sides, m; turned: its length lies along the sheet’s width. */
export interface Placement extends Part {
  readonly x: number;
  readonly y: number;
  readonly turned: boolean;
}

export interface Size {
  readonly length: number;
  readonly width: number;
}

/** A sheet with what was placed on it, what did not fit, and the free rectangles that are left, which overlap. */
export interface FilledSheet {
  readonly placed: readonly Placement[];
  readonly left: readonly Part[];
  readonly free: readonly (Size & { readonly x: number; readonly y: number })[];
}

/** Ways in which the package chooses a place: by the area that is left, by the edge. */
export const LOGICS = [0, 1, 2] as const;
export type Logic = (typeof LOGICS)[number];

/** The package counts best in whole numbers: tenths of a millimetre, rounded up for parts and down for sheets. */
const UNIT = 1e-4;
const up = (length: number): number => Math.ceil(length / UNIT - 1e-6);
const down = (length: number): number => Math.floor(length / UNIT + 1e-6);

/** True when a part goes on a sheet, upright or turned. */
export const fitsOn = (part: Size, sheet: Size): boolean =>
  (up(part.length) <= down(sheet.length) && up(part.width) <= down(sheet.width)) ||
  (up(part.width) <= down(sheet.length) && up(part.length) <= down(sheet.width));

/**
 * Places parts on one sheet, in their order, each where the package finds room for it.
 *
 * @source maximal rectangles (Jylänki 2010), by the package maxrects-packer.
 */
export function fillSheet(parts: readonly Part[], sheet: Size, logic: Logic): FilledSheet {
  const fitting = parts.filter((part) => fitsOn(part, sheet));
  const packer = new MaxRectsPacker(down(sheet.length), down(sheet.width), 0, {
    smart: false,
    pot: false,
    square: false,
    allowRotation: true,
    logic,
  });
  fitting.forEach((part, index) => packer.add(up(part.length), up(part.width), index));
  const [bin] = packer.bins;
  const placed = (bin?.rects ?? []).map(({ x, y, rot, data }): Placement => ({
    ...fitting[data as number]!,
    x: x * UNIT,
    y: y * UNIT,
    turned: rot,
  }));
  const taken = new Set(placed.map(({ id }) => id));
  return {
    placed,
    left: parts.filter(({ id }) => !taken.has(id)),
    free: (bin?.freeRects ?? []).map(({ x, y, width, height }) => ({
      x: x * UNIT,
      y: y * UNIT,
      length: width * UNIT,
      width: height * UNIT,
    })),
  };
}
