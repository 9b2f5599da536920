import { FOOT_MM, MARGIN_MM, OVERLAP, PAPERS, type Paper } from './paper';

/** One page of a template: what part of it lies on the page, mm from the template’s upper left corner. */
export interface Tile {
  readonly column: number;
  readonly row: number;
  readonly columns: number;
  readonly rows: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Room for the template on a page, mm. */
export const roomOn = (paper: Paper): { readonly width: number; readonly height: number } => ({
  width: PAPERS[paper].width - 2 * MARGIN_MM,
  height: PAPERS[paper].height - 2 * MARGIN_MM - FOOT_MM,
});

/**
 * The pages that a template needs; neighbours overlap so that they can be glued.
 *
 * @example tilesOf({ width: 100, height: 100 }, 'a4').length // 1
 */
export function tilesOf({ width, height }: { width: number; height: number }, paper: Paper): Tile[] {
  const room = roomOn(paper);
  const count = (size: number, page: number): number =>
    size <= page ? 1 : Math.ceil((size - OVERLAP) / (page - OVERLAP) - 1e-9);
  const [columns, rows] = [count(width, room.width), count(height, room.height)];
  return Array.from({ length: rows * columns }, (_, index) => {
    const [column, row] = [index % columns, Math.floor(index / columns)];
    return {
      column,
      row,
      columns,
      rows,
      x: column * (room.width - OVERLAP),
      y: row * (room.height - OVERLAP),
      width: room.width,
      height: room.height,
    };
  });
}
