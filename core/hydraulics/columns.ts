import { faceArea, isInward } from '../filter/chamberGeometry';
import type { PlacedLayer } from '../layers/placedLayer';
import { solidsFactor } from '../layers/solidsFactor';
import { mediumById } from '../media/catalogue';
import type { Fluid } from './fluid';
import { bedSolids, layerResistance, type BedResistance } from './layerResistance';
import { pathIntegrals } from './pathIntegrals';
import { inSeries, NO_RESISTANCE, type Resistance } from './quadratic';

/** Loss of entering and leaving a gap, in velocity heads (calibrated; it dominates in open gaps). */
export const GAP_K = 1.5;
/** A plastic wrapper never quite seals: what stays open beside it, share of the face and width, m (calibrated). */
const WRAPPER_LEAK = { share: 0.03, width: 1e-3 };
/** Smallest face that is reckoned with, m². */
const MIN_FACE = 1e-6;
/** The floss that fills a gap: stuffed in loose. */
export const GAP_FLOSS = 'floss-loose';

/** One layer as the water meets it: its own resistance, the gap beside it, and how much of the face it covers. */
export interface LayerPaths {
  readonly placed: PlacedLayer;
  /** Share of the face that the piece covers, 0–1. */
  readonly cover: number;
  /** Through the piece where it covers all of the face, and through what is beside it where that is all of it. */
  readonly through: Resistance | null;
  readonly beside: Resistance;
  /** Entering and leaving an open gap over all of the face; once for each uninterrupted gap. */
  readonly gapEnds: Resistance;
  /** Bed volume and the open room in it, m³; area covered in the middle of the layer, m². */
  readonly volume: number;
  readonly poreVolume: number;
  readonly area: number;
}

/** Measures a layer’s two ways for the water: through it and around it. */
export function layerPaths(placed: PlacedLayer, fluid: Fluid): LayerPaths {
  const { layer, medium, chamber, measure } = placed;
  const { shape } = chamber;
  const path = pathIntegrals(shape, measure.from, measure.to);
  const scaled = ({ linear, square }: BedResistance): Resistance => ({
    linear: linear * path.linear,
    square: square * path.square,
  });
  const wrapped = layer.holder === 'wrapper';
  const cover = wrapped ? Math.min(measure.coverShare, 1 - WRAPPER_LEAK.share) : measure.coverShare;
  // Media piled past the centre of a sleeve has no face left; a hair of one keeps its speed a number.
  const area = Math.max(MIN_FACE, faceArea(shape, (measure.from + measure.to) / 2));
  const gap = isInward(shape) ? 0 : meanGap(placed);
  const solids = solidsFactor(medium, layer);
  const filled = layer.gapFill === 'floss';
  return {
    placed,
    cover,
    through: wrapped ? null : scaled(layerResistance(medium.geometry, solids, fluid)),
    beside: filled
      ? scaled(layerResistance(mediumById(GAP_FLOSS).geometry, 1, fluid))
      : slot(Math.max(gap, wrapped ? WRAPPER_LEAK.width : 0), measure.to - measure.from, area, fluid),
    gapEnds:
      filled || cover >= 1 ? NO_RESISTANCE : { linear: 0, square: (GAP_K * fluid.density) / (2 * area ** 2) },
    volume: measure.volume,
    poreVolume: measure.volume * (1 - bedSolids(medium.geometry, solids)),
    area: area * cover,
  };
}

/** @source slot flow between walls, 12 μuL/h². */
const slot = (width: number, length: number, area: number, { viscosity }: Fluid): Resistance =>
  width <= 0 ? NO_RESISTANCE : { linear: (12 * viscosity * length) / (width ** 2 * area), square: 0 };

/** Width of the gap beside a short piece, m: the open area over the wetted perimeter of the piece. */
function meanGap({ chamber, layer, measure }: PlacedLayer): number {
  if (layer.cut === null) return 0;
  const { shape } = chamber;
  const open = faceArea(shape, 0) * (1 - measure.coverShare);
  const sides = layer.cut.length + layer.cut.width;
  return open / (shape.form === 'box' ? 2 * sides : (Math.PI / 2) * sides);
}

/** A part of the face that meets the same layers and gaps all along: its share of the face, and its resistance. */
export interface Column {
  readonly share: number;
  readonly resistance: Resistance | null;
  /** For each layer, whether this column goes through it, and what it takes there; null lets nothing through. */
  readonly through: readonly boolean[];
  /** For each layer beside which this column goes, whether it enters the gap here. */
  readonly enters: readonly boolean[];
  readonly parts: readonly (Resistance | null)[];
}

/**
 * The columns of layers that touch each other: from one to the next the water does not mix across. Each column meets
 * the layers that reach over it and the gaps of those that do not.
 *
 * @param wet share of each layer that the water reaches, 0–1; a dry part holds nothing back
 */
export function columnsOf(layers: readonly LayerPaths[], wet: readonly number[]): Column[] {
  const edges = [...new Set([...layers.map((layer) => layer.cover), 1])].sort((a, b) => a - b);
  return edges.map((edge, place): Column => {
    const share = edge - (edges[place - 1] ?? 0);
    const through = layers.map((layer) => layer.cover >= edge);
    const enters = layers.map((_, index) => {
      const before = layers[index - 1];
      return before === undefined || through[index - 1] === true || before.placed.layer.gapFill !== 'open';
    });
    const parts = layers.map((layer, index) => {
      const part = through[index] === true ? layer.through : bypassResistance(layer, enters[index] ?? true);
      return part === null ? null : shrunk(part, share, wet[index] ?? 1);
    });
    const resistance = parts.reduce<Resistance | null>(
      (sum, part) => (sum === null || part === null ? null : inSeries(sum, part)),
      NO_RESISTANCE,
    );
    return { share, resistance, through, enters, parts };
  });
}

/** The way beside a layer: with the loss of its ends where the water enters the gap here. */
export const bypassResistance = ({ beside, gapEnds }: LayerPaths, enters: boolean): Resistance =>
  enters ? inSeries(beside, gapEnds) : beside;

/** A resistance over part of the face and part of the length. */
export const shrunk = ({ linear, square }: Resistance, share: number, wet: number): Resistance => ({
  linear: (linear * wet) / share,
  square: (square * wet) / share ** 2,
});
