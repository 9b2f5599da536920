import { expose, transfer } from 'comlink';
import { pairedOutlooks, type Paired } from '@/core/outlook/pairedOutlooks';
import { earlyPercentileRun, ensembleRun, ensembleRuns } from '@/core/dirt/ensemble';
import type { EnsembleRun } from '@/core/dirt/ensembleRange';
import { forecast, type Forecast } from '@/core/dirt/forecast';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import type { ServiceBy } from '@/core/dirt/serviceMeasures';
import { bestChanges, type OfferedChange } from '@/core/explore/bestChanges';
import { evaluatePack } from '@/core/report/evaluatePack';
import type { PackInput } from '@/core/report/packMeasures';
import { compareVariants, type VariantOutlook } from '@/core/explore/variants';
import { serviceHelps, type ServiceHelp } from '@/core/service/serviceHelps';
import { servicePlan, type ServicePlan } from '@/core/service/servicePlan';

/** The core’s heavy calls, away from the page. */
const api = {
  forecast(input: ForecastInput): Forecast {
    const found = forecast(input);
    return transfer(found, [found.simulation.mass.buffer]);
  },
  /** Runs of the ensemble from one number on. */
  runs(input: ForecastInput, by: ServiceBy, from: number, count: number): EnsembleRun[] {
    return Array.from({ length: count }, (_, index) => ensembleRun(input, by, from + index));
  },
  variants(input: ForecastInput): VariantOutlook[] {
    return compareVariants(input);
  },
  /** A year of visits, planned from the early end of the range. */
  plan(input: ForecastInput): ServicePlan {
    return servicePlan(input, earlyPercentileRun(ensembleRuns(input, 'through')));
  },
  /** What would help a pack most. */
  changes(input: PackInput): OfferedChange[] {
    return bestChanges(input, evaluatePack(input));
  },
  /** What another filter on the tank spares this one. */
  paired(input: ForecastInput): Paired | null {
    return pairedOutlooks(input);
  },
  helps(input: ForecastInput): ServiceHelp[] {
    return serviceHelps(input);
  },
};
export type ForecastApi = typeof api;

expose(api);
