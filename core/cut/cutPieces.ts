import { faceSides, isInward } from '../filter/chamberGeometry';
import type { Chamber, Filter } from '../filter/filter';
import { isHangOnBack } from '../filter/kindFamily';
import type { Layer } from '../layers/layer';
import type { PlacedLayer } from '../layers/placedLayer';
import { placeLayers } from '../layers/placeLayers';
import type { CutPiece } from './cutPiece';
import type { Size } from './fillSheet';
import { gripOf } from './grip';
import type { Outline } from './outline';
import { stackFromSheets } from './stackFromSheets';

/** Pieces are cut to whole millimetres, so many to a metre. */
const MILLIMETRES = 1000;
/** Depth of the notch that keeps a relief open, m (calibrated: a finger’s width). */
const NOTCH_DEPTH = 0.012;

const NO_GRIP: Size = { length: 0, width: 0 };

const rounded = (length: number): number => Math.round(length * MILLIMETRES) / MILLIMETRES;

/**
 * The pieces of foam and pad that a pack is made of, in flow order.
 *
 * @param thicknesses of sheets of a medium that there are, m; none: a sheet of the layer’s own thickness is taken
 */
export function cutPieces(
  filter: Filter,
  layers: readonly Layer[],
  thicknesses: (medium: string) => readonly number[],
): CutPiece[] {
  return placeLayers(filter, layers).flatMap((placed, index) => {
    const { layer, medium } = placed;
    if (medium.supply !== 'sheet') return [];
    const free = layer.thickness / layer.compressionRatio;
    const { plies, thickness } = stackFromSheets(free, thicknesses(layer.medium));
    return Array.from({ length: plies }, (_, ply) => ply).flatMap((ply) =>
      outlinesOf(filter, placed, ply, plies).map(({ outline, grip, bevel, part }, which): CutPiece => ({
        id: `${layer.id}/${ply}/${which}`,
        layerId: layer.id,
        filterName: filter.name,
        medium,
        layerNumber: index + 1,
        part: [plies > 1 ? `sheet ${ply + 1} of ${plies}` : '', part]
          .filter((text) => text !== '')
          .join(', '),
        outline,
        grip,
        thickness,
        bevel,
      })),
    );
  });
}

interface Shaped {
  readonly outline: Outline;
  readonly grip: Size;
  readonly bevel: number;
  readonly part: string;
}

/** What one ply of a layer is cut as: mostly one piece, four walls for a shell. */
function outlinesOf(filter: Filter, placed: PlacedLayer, ply: number, plies: number): Shaped[] {
  const { chamber, layer, medium, measure } = placed;
  const { shape } = chamber;
  const through = (share: number): number => measure.from + share * layer.thickness;
  const [from, to] = [through(ply / plies), through((ply + 1) / plies)];
  const grip = (side: number): number => gripOf(medium, filter.kind, side);
  const rectangle = (length: number, width: number, corner = 0): Outline => ({
    form: 'rectangle',
    length: rounded(length),
    width: rounded(width),
    corner,
    notch: null,
  });
  const asCut = ({ length, width }: Size): Shaped => ({
    outline: rectangle(length, width),
    grip: NO_GRIP,
    bevel: 0,
    part: '',
  });
  switch (shape.form) {
    case 'perimeter': {
      const [length, width] = [shape.length - 2 * from, shape.width - 2 * from];
      const height = shape.height + grip(shape.height);
      const short = Math.max(1 / MILLIMETRES, width - 2 * (to - from));
      const wall = (side: number): Omit<Shaped, 'part'> => ({
        outline: rectangle(side + grip(side), height),
        grip: { length: rounded(side + grip(side)) - side, width: rounded(height) - shape.height },
        bevel: 0,
      });
      return [
        { ...wall(length), part: 'long wall, first' },
        { ...wall(length), part: 'long wall, second' },
        { ...wall(short), part: 'short wall, first' },
        { ...wall(short), part: 'short wall, second' },
      ];
    }
    case 'sleeve': {
      // Unrolled at the middle of the wall: the outside stretches there as much as the inside is pressed.
      const round = Math.PI * (shape.diameter - from - to);
      return [{ outline: rectangle(round, shape.height), grip: NO_GRIP, bevel: 0, part: 'sleeve, unrolled' }];
    }
    case 'cylinder':
    case 'annulus': {
      if (layer.cut !== null) return [asCut(layer.cut)];
      const bore = shape.form === 'annulus' ? shape.bore - grip(shape.bore) : 0;
      const { larger, bevel } = tapered(chamber, shape.diameter, from, to);
      const diameter = rounded(larger + grip(larger));
      return [
        {
          outline: { form: 'disc', diameter, bore: rounded(bore) },
          grip: { length: diameter - larger, width: diameter - larger },
          bevel,
          part: '',
        },
      ];
    }
    case 'box': {
      if (layer.cut !== null) return [asCut(layer.cut)];
      const face = faceSides(shape);
      const { larger: length, bevel } = tapered(chamber, face.shown, from, to);
      const { larger: width } = tapered(chamber, face.into, from, to);
      const [long, wide] = [rounded(length + grip(length)), rounded(width + grip(width))];
      const corner = Math.min(chamber.cornerRadius, long / 2, wide / 2);
      return [
        {
          outline: {
            form: 'rectangle',
            length: long,
            width: wide,
            corner,
            notch: notchOf(filter, placed, to, long, wide),
          },
          grip: { length: long - length, width: wide - width },
          bevel,
          part: '',
        },
      ];
    }
  }
}

/** A side of a chamber where a piece is widest, and how much narrower it is at the piece’s other face. */
function tapered(
  { narrows, depth, way, shape }: Chamber,
  side: number,
  from: number,
  to: number,
): { readonly larger: number; readonly bevel: number } {
  if (narrows === 0 || isInward(shape) || way === 'across') return { larger: side, bevel: 0 };
  const upper = way === 'up' ? to : depth - from;
  return {
    larger: side + narrows * (Math.min(1, upper / depth) - 0.5),
    bevel: rounded((narrows * Math.min(depth, to - from)) / depth),
  };
}

/** The cut-out that keeps the notch of a hang-on-back open where a piece would stand before it. */
function notchOf(
  { kind, spill, chambers }: Filter,
  { chamber }: PlacedLayer,
  to: number,
  length: number,
  width: number,
): Extract<Outline, { form: 'rectangle' }>['notch'] {
  if (!isHangOnBack(kind) || spill === null || spill.notch === null || chamber.way !== 'up') return null;
  const crest = spill.lipAboveFloor + spill.notch.aboveLip;
  const side = Math.max(length, width);
  // As wide as the whole side is an open edge, which no piece can stand before.
  if (chamber !== chambers.at(-1) || to <= crest || spill.notch.width >= side) return null;
  return { width: rounded(spill.notch.width), depth: Math.min(NOTCH_DEPTH, Math.min(length, width) / 4) };
}
