import type { ClearWater, LikelyRange } from '../dirt/clearWater';
import type { DayState } from '../dirt/dayState';
import { turnover } from '../hydraulics/turnover';
import type { PackReport } from './evaluatePack';

/** The report of a pack with the water of another day: everything else stays as it was put in. */
export function reportOnDay(report: PackReport, { water, clear }: DayState): PackReport {
  const flows = new Map(water.layers.map((flow) => [flow.layerId, flow]));
  return {
    ...report,
    water,
    layers: report.layers.map((layer) => ({ ...layer, ...flows.get(layer.layerId) })),
    clearWater:
      report.clearWater === null
        ? null
        : { ...report.clearWater, with: onDay(report.clearWater.with, clear) },
    predictedTurnover: turnover(water.flow, report.sizing.tankVolume),
    leastPassThrough:
      report.leastPassThrough === null ? null : Math.min(...water.layers.map((flow) => flow.passThrough)),
  };
}

/** The same uncertainty around what is afloat on the day. */
const onDay = (clean: ClearWater, { solids, fines, clearing }: DayState['clear']): ClearWater => ({
  solids: around(clean.solids, solids),
  fines: around(clean.fines, fines),
  clearing,
});

const around = ({ low, likely, high }: LikelyRange, value: number): LikelyRange =>
  likely === 0
    ? { low: value, likely: value, high: value }
    : { low: (low / likely) * value, likely: value, high: (high / likely) * value };
