import { faceSides } from '@/core/filter/chamberGeometry';
import type { Chamber, Filter } from '@/core/filter/filter';
import { usableDepth } from '@/core/filter/usableDepth';
import type { PackReport } from '@/core/report/evaluatePack';
import type { LayerReport } from '@/core/report/packMeasures';
import { sumOf } from '@/core/maths/sum';

/** Room between two chambers, px. */
const CHAMBER_GAP = 14;

/** Where one layer stands in the drawing, px from the left and the axis. */
export interface LayerBox {
  readonly report: LayerReport;
  readonly x: number;
  readonly width: number;
  /** Half heights: of the piece, and of the chamber's face around it. */
  readonly half: number;
}

export interface ChamberBox {
  readonly chamber: Chamber;
  readonly x: number;
  /** To the chamber's end, or as far as its stack stands out of it. */
  readonly width: number;
  readonly depthWidth: number;
  readonly stopX: number | null;
  readonly half: number;
  readonly filledWidth: number;
  readonly layers: readonly LayerBox[];
}

export interface FlowLineLayout {
  /** Pixels per metre along the flow, and across it. */
  readonly along: number;
  readonly across: number;
  readonly width: number;
  readonly height: number;
  readonly chambers: readonly ChamberBox[];
}

/** Closest drawing along the flow, px per metre: a thin pack is not blown up beyond what hands can judge. */
const MAX_PX_PER_METRE = 6000;

/**
 * Lays a pack out as one horizontal section, chambers one after the other as the water meets them. It is to scale
 * along the flow and across it, each with its own scale: the length is what is cut and compared, and fills the room.
 * `cuts` are the shown side of short pieces by layer id, m.
 */
export function flowLineLayout(
  filter: Filter,
  report: PackReport,
  cuts: ReadonlyMap<string, number>,
  room: { readonly width: number; readonly height: number },
): FlowLineLayout {
  const measured = filter.chambers.map((chamber) => {
    const layers = report.layers.filter((layer) => layer.chamberId === chamber.id);
    const filled = layers.at(-1)?.to ?? 0;
    return { chamber, layers, filled, length: Math.max(chamber.depth, filled) };
  });
  const length = sumOf(measured, (item) => item.length);
  const tallest = Math.max(...filter.chambers.map((chamber) => faceSides(chamber.shape).shown));
  const gaps = CHAMBER_GAP * (measured.length - 1);
  const along = Math.min((room.width - gaps) / length, MAX_PX_PER_METRE);
  const across = room.height / tallest;
  let x = 0;
  const chambers = measured.map(({ chamber, layers, filled, length: own }): ChamberBox => {
    const left = x;
    x += own * along + CHAMBER_GAP;
    const face = faceSides(chamber.shape).shown;
    return {
      chamber,
      x: left,
      width: own * along,
      depthWidth: chamber.depth * along,
      stopX: chamber.stop === null ? null : left + usableDepth(chamber) * along,
      half: (face * across) / 2,
      filledWidth: filled * along,
      layers: layers.map((layer) => ({
        report: layer,
        x: left + layer.from * along,
        width: (layer.to - layer.from) * along,
        half: (Math.min(face, cuts.get(layer.layerId) ?? face) * across) / 2,
      })),
    };
  });
  return { along, across, width: x - CHAMBER_GAP, height: tallest * across, chambers };
}
