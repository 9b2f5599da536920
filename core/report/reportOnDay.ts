import type { DayState } from '../dirt/dayState';
import { turnover } from '../hydraulics/turnover';
import type { PackReport } from './evaluatePack';

/** The report of a pack with the water of another day: everything else stays as it was put in. */
export function reportOnDay(report: PackReport, { water }: DayState): PackReport {
  const flows = new Map(water.layers.map((flow) => [flow.layerId, flow]));
  return {
    ...report,
    water,
    layers: report.layers.map((layer) => ({ ...layer, ...flows.get(layer.layerId) })),
    predictedTurnover: turnover(water.flow, report.sizing.tankVolume),
    leastPassThrough:
      report.leastPassThrough === null ? null : Math.min(...water.layers.map((flow) => flow.passThrough)),
  };
}
