import type { Filter } from '@/core/filter/filter';
import { usableDepth } from '@/core/filter/usableDepth';
import type { PackReport } from '@/core/report/evaluatePack';
import type { Layer } from '@/core/layers/layer';
import { LAYER_BOUNDS } from '@/core/layers/layerBounds';
import { mediumOf, type MadeOf } from '@/core/layers/mediumOf';
import { plainLayer } from '@/core/layers/plainLayer';

/** Thickness, m, that a fresh piece of each supply usually has (common practice, no source). */
const USUAL_THICKNESS = { sheet: 0.03, loose: 0.04, piece: 0.02 } as const;
const FLOSS_THICKNESS = 0.015;

/** A fresh layer in a chamber: as thick as is usual, or as the room that is left where that is less. Loose media is bagged. */
export function newLayer(
  id: string,
  made: MadeOf,
  filter: Filter,
  chamberId: string,
  report: PackReport,
): Layer {
  const medium = mediumOf(made);
  const chamber = filter.chambers.find((item) => item.id === chamberId);
  const usual = medium.family === 'floss' ? FLOSS_THICKNESS : USUAL_THICKNESS[medium.supply];
  const free =
    report.chambers.find((chamberMeasure) => chamberMeasure.chamberId === chamberId)?.freeDepth ?? 0;
  const most = chamber === undefined ? usual : usableDepth(chamber);
  const thickness = free > LAYER_BOUNDS.thickness.min ? Math.min(usual, free) : Math.min(usual, most);
  return {
    ...plainLayer(id, made.medium, chamberId, Math.round(thickness * 1e4) / 1e4),
    ...made,
    holder: medium.supply === 'loose' && medium.family !== 'floss' ? 'bag' : 'none',
  };
}
