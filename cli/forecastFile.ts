import { earlyPercentileRun, ensembleRuns } from '@/core/dirt/ensemble';
import { ensembleRange } from '@/core/dirt/ensembleRange';
import { forecast } from '@/core/dirt/forecast';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import type { Layer } from '@/core/layers/layer';
import { NOT_LOOKED_AT } from '@/core/layers/plainLayer';
import { servicePlan } from '@/core/service/servicePlan';
import { assumedFood } from '@/core/tank/feedPerDay';
import type { NeatLayerFile } from '@/formats/neatLayerFile';
import { fittingPacks } from './fittingPacks';

/**
 * The forecast of every pack in a file, as plain data: what `neat forecast` prints. Days count from when the pack went
 * in; SI units; other filters on the tank are not in the file and are left out.
 *
 * @param days how far ahead
 */
export function forecastFile({ tank, filter, packs }: NeatLayerFile, days: number) {
  const { fitting, leftOut } = fittingPacks({ filter, packs });
  // A filter is often packed as it was before: the same layers have the same forecast, worked out once.
  const known = new Map<string, ReturnType<typeof outlook>>();
  const forecasts = fitting.map(({ id, role, name, layers, visits }) => {
    const key = JSON.stringify([layers.map(asBuilt), visits]);
    const found = known.get(key) ?? outlook({ tank, filter, layers, others: [], visits, days });
    known.set(key, found);
    return { id, role, name, ...found };
  });
  return {
    tank: tank.name,
    filter: filter.name,
    assumedFood: assumedFood(tank),
    days,
    leftOut,
    packs: forecasts,
  };
}

/** A layer without what was seen of it: a forecast begins with clean media. */
const asBuilt = (layer: Layer): Layer => ({ ...layer, ...NOT_LOOKED_AT });

/** The forecast of one pack, its range, and a year of visits planned from the early end of it. */
function outlook(input: ForecastInput) {
  const { visits } = input;
  const found = forecast(input);
  const { by } = found.course;
  const runs = ensembleRuns(input, by);
  const range = ensembleRange(runs);
  const unvisited: ForecastInput = { ...input, visits: [] };
  const early = earlyPercentileRun(visits.length === 0 ? runs : ensembleRuns(unvisited, by));
  const { simulation, course, ...rest } = found;
  return {
    serviceBy: course.by,
    serviceAt: course.limit,
    ...rest,
    serviceBetween: range === null ? null : [range.earliest, range.latest],
    flow: [...simulation.flow],
    through: [...simulation.through],
    headroom: Number.isNaN(simulation.headroom[0]) ? null : [...simulation.headroom],
    books: simulation.books,
    plan: servicePlan(unvisited, early),
  };
}
