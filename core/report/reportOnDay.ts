import type { ClearWater } from '../dirt/clearWater';
import type { Range } from '../maths/range';
import type { DayState } from '../dirt/dayState';
import { placeLayers } from '../layers/placeLayers';
import { turnover } from '../hydraulics/turnover';
import type { PackReport } from './evaluatePack';
import type { PackInput } from './packMeasures';
import { reportBacteria } from './reportBacteria';

/**
 * The report of a pack with the water of another day, and what its silt leaves of the bacteria: everything else stays as
 * it was put in.
 */
export function reportOnDay(
  report: PackReport,
  { water, clear, silt }: DayState,
  input: PackInput,
): PackReport {
  const flows = new Map(water.layers.map((flow) => [flow.layerId, flow]));
  // The day may still be of the pack as it was a moment ago.
  const same =
    report.layers.length === water.layers.length &&
    report.layers.every(({ layerId }, index) => water.layers[index]?.layerId === layerId);
  return {
    ...report,
    water,
    layers: report.layers.map((layer) => ({ ...layer, ...flows.get(layer.layerId) })),
    clearWater: { ...report.clearWater, with: onDay(report.clearWater.with, clear) },
    bacteria: same ? bacteriaOnDay(input, water, silt) : report.bacteria,
    predictedTurnover: turnover(water.flow, report.sizing.tankVolume),
    leastPassThrough:
      report.leastPassThrough === null ? null : Math.min(...water.layers.map((flow) => flow.passThrough)),
  };
}

/** The bacteria of the pack with the water of the day and what sits in its layers; all that lives has grown by then. */
const bacteriaOnDay = (
  input: PackInput,
  water: DayState['water'],
  silt: DayState['silt'],
): PackReport['bacteria'] =>
  reportBacteria(
    input,
    placeLayers(input.filter, input.layers),
    ({ layer }) => water.layers.find(({ layerId }) => layerId === layer.id)!,
    water.flow,
    { found: null, rinseWater: input.schools.rinseWater, now: null },
    silt,
  );

/** The same uncertainty applied to the suspended solids of the day. */
const onDay = (clean: ClearWater, { solids, fines, clearing }: DayState['clear']): ClearWater => ({
  solids: around(clean.solids, solids),
  fines: around(clean.fines, fines),
  clearing,
});

const around = ({ low, likely, high }: Range, value: number): Range =>
  likely === 0
    ? { low: value, likely: value, high: value }
    : { low: (low / likely) * value, likely: value, high: (high / likely) * value };
