import type { Placement, Size } from './fillSheet';

/** Straight cuts of a knife through a sheet: how many, and how long in all, m. */
export interface KnifeCuts {
  readonly count: number;
  readonly length: number;
}

/** Two edges this near are one cut, m. */
const EDGE_TOLERANCE = 1e-4;

interface Edge {
  readonly at: number;
  readonly from: number;
  readonly to: number;
}

/** Edges that lie on one line and touch become one. */
function merged(edges: readonly Edge[]): Edge[] {
  const sorted = [...edges].sort((a, b) => a.at - b.at || a.from - b.from);
  const lines: Edge[] = [];
  for (const edge of sorted) {
    const last = lines.at(-1);
    if (
      last !== undefined &&
      Math.abs(last.at - edge.at) < EDGE_TOLERANCE &&
      edge.from <= last.to + EDGE_TOLERANCE
    )
      lines[lines.length - 1] = { ...last, to: Math.max(last.to, edge.to) };
    else lines.push(edge);
  }
  return lines;
}

/**
 * The straight cuts that free all pieces of a sheet. Sides on the edge of the sheet need none, and neighbours share one.
 *
 * @example knifeCuts([{ id: 'a', length: 0.2, width: 0.1, x: 0, y: 0, turned: false }], { length: 0.5, width: 0.1 }).count // 1
 */
export function knifeCuts(placed: readonly Placement[], sheet: Size): KnifeCuts {
  const boxes = placed.map(({ x, y, length, width, turned }) => ({
    x,
    y,
    right: x + (turned ? width : length),
    top: y + (turned ? length : width),
  }));
  const inside = (at: number, end: number): boolean => at > EDGE_TOLERANCE && at < end - EDGE_TOLERANCE;
  const upright = boxes
    .flatMap(({ x, y, right, top }) => [x, right].map((at): Edge => ({ at, from: y, to: top })))
    .filter(({ at }) => inside(at, sheet.length));
  const level = boxes
    .flatMap(({ x, y, right, top }) => [y, top].map((at): Edge => ({ at, from: x, to: right })))
    .filter(({ at }) => inside(at, sheet.width));
  const lines = [...merged(upright), ...merged(level)];
  return { count: lines.length, length: lines.reduce((sum, { from, to }) => sum + to - from, 0) };
}
