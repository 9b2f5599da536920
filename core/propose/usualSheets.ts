import { LENGTH_TOLERANCE } from '../practice/handTolerances';
import { sum } from '../maths/sum';

/** Foam and floss as they are sold, m, thinnest first (common practice, no source). */
export const SOLD_SHEETS = { foam: [0.01, 0.02, 0.025, 0.03, 0.05], floss: [0.01, 0.02] } as const;
/** Depth that may stay open above sheets, m, and as a share of all depth: less than the thinnest sheet (common practice, no source). */
const MAX_OPEN = 5e-3;
const MAX_OPEN_SHARE = 0.1;
/** Sheets that are a little too thick are squeezed in, to no less than this share of them (common practice, no source). */
const MAX_SQUEEZE = 0.85;
/** A sheet that few shops have counts as this much further off, m (common practice, no source). */
const RARE_PENALTY = 5e-3;
const RARE_SHEET = 0.025;

/** One thickness of a medium: so many plies of a sheet, squeezed where they are more than it. */
export interface Plies {
  /** As packed, m. */
  readonly thickness: number;
  /** Of one sheet, m. */
  readonly ply: number;
}

/**
 * Sheets of one thickness that fill a depth: the thickest that leave hardly any of it open; else those that are squeezed
 * in a little; else those that leave least. Null where even the thinnest sheet is too thick.
 *
 * @param depth m
 * @example sheetsFilling(0.24, SOLD_SHEETS.foam) // { thickness: 0.24, ply: 0.03 }
 */
export function sheetsFilling(depth: number, sheets: readonly number[]): Plies | null {
  const open = Math.min(MAX_OPEN, MAX_OPEN_SHARE * depth) + LENGTH_TOLERANCE;
  const common = [...sheets].sort(byThickness);
  const plies = (round: typeof Math.floor) =>
    common.map((ply) => ({ ply, thickness: round((depth + LENGTH_TOLERANCE) / ply) * ply }));
  const whole = plies(Math.floor).filter(({ thickness }) => thickness > 0);
  const snug = whole.find(({ thickness }) => depth - thickness <= open);
  if (snug !== undefined) return snug;
  const squeezed = plies(Math.ceil).find(({ thickness }) => thickness * MAX_SQUEEZE <= depth);
  if (squeezed !== undefined) return { thickness: depth, ply: squeezed.ply };
  return whole.reduce<Plies | null>(
    (best, item) => (best === null || item.thickness > best.thickness + LENGTH_TOLERANCE ? item : best),
    null,
  );
}

/** The thickest first, those that few shops have last. */
const byThickness = (a: number, b: number): number =>
  Number(a === RARE_SHEET) - Number(b === RARE_SHEET) || b - a;

/**
 * One sheet for each grade, coarse first and none thicker than the one before it, that together fill a depth, or leave
 * enough of it for what comes after them.
 *
 * @param depth of the chamber, m
 * @param aim how thick they are together at best, m
 * @param leastRest the thinnest layer of what may follow in the same chamber, m
 * @param grades the sheets of each grade, m
 * @returns a thickness each, m; null: no such sheets
 * @example gradedSheets(0.08, 0.09, 0.036, [SOLD_SHEETS.foam, SOLD_SHEETS.foam, SOLD_SHEETS.floss]) // [0.03, 0.03, 0.02]
 */
export function gradedSheets(
  depth: number,
  aim: number,
  leastRest: number,
  grades: readonly (readonly number[])[],
): readonly number[] | null {
  const stacks = grades.reduce<readonly (readonly number[])[]>(
    (some, sheets) =>
      some.flatMap((stack) =>
        sheets
          .filter((ply) => ply <= (stack.at(-1) ?? Infinity) + LENGTH_TOLERANCE)
          .map((ply) => [...stack, ply]),
      ),
    [[]],
  );
  const rated = stacks.flatMap((stack) => {
    const thickness = sum(stack);
    const rest = depth - thickness;
    if (rest < -LENGTH_TOLERANCE || (rest > MAX_OPEN && rest < leastRest)) return [];
    const spread = stack[0]! - stack.at(-1)!;
    const rare = stack.filter((ply) => ply === RARE_SHEET).length;
    return { stack, off: Math.abs(thickness - aim) + spread / 2 + rare * RARE_PENALTY };
  });
  return (
    rated.reduce<(typeof rated)[number] | null>(
      (best, item) => (best === null || item.off < best.off - LENGTH_TOLERANCE / 10 ? item : best),
      null,
    )?.stack ?? null
  );
}
