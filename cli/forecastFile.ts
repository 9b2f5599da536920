import { ENSEMBLE_RUNS, ensembleRange, ensembleRun } from '@/core/dirt/ensemble';
import { forecast, type ForecastInput } from '@/core/dirt/forecast';
import { servicePlan } from '@/core/service/servicePlan';
import type { NeatLayerFile } from '@/formats/neatLayerFile';
import { fittingPacks } from './fittingPacks';

/**
 * The forecast of every pack in a file, as plain data: what `neat forecast` prints. Days count from when the pack went
 * in; SI units; other filters on the tank are not in the file and are left out.
 *
 * @param days how far ahead
 * @returns null when nobody has said what is fed
 */
export function forecastFile({ tank, filter, packs }: NeatLayerFile, days: number) {
  const { fitting, leftOut } = fittingPacks({ filter, packs });
  const forecasts = fitting.map(({ id, role, name, layers, visits }) => {
    const input: ForecastInput = { tank, filter, layers, others: [], visits, days };
    const found = forecast(input);
    if (found === null) return null;
    const { by } = found.course;
    const runs = Array.from({ length: ENSEMBLE_RUNS }, (_, number) => ensembleRun(input, by, number));
    const range = ensembleRange(runs.filter((run) => run !== null));
    const { simulation, course, ...rest } = found;
    return {
      id,
      role,
      name,
      serviceBy: course.by,
      serviceAt: course.limit,
      ...rest,
      serviceBetween: range === null ? null : [range.earliest, range.latest],
      flow: [...simulation.flow],
      through: [...simulation.through],
      headroom: Number.isNaN(simulation.headroom[0]) ? null : [...simulation.headroom],
      books: simulation.books,
      plan: servicePlan({ ...input, visits: [] }),
    };
  });
  return forecasts.some((found) => found === null)
    ? null
    : {
        tank: tank.name,
        filter: filter.name,
        days,
        leftOut,
        packs: forecasts.filter((found) => found !== null),
      };
}
