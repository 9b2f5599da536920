import { cleanFlow } from '@/core/hydraulics/cleanFlowFit';
import { flowState } from '@/core/service/flowState';
import { bacteriaDetails } from '@/core/report/bacteriaDetails';
import { reportChemical } from '@/core/report/reportChemical';
import { aloneOn } from '@/core/report/surroundings';
import { evaluatePack } from '@/core/report/evaluatePack';
import { formatSentence } from '@/core/units/sentence';
import type { NeatLayerFile } from '@/formats/neatLayerFile';
import { fittingPacks } from './fittingPacks';
import { packInFilter } from './packInFilter';

/**
 * The report of every pack in a file, as plain data: what `neat evaluate` prints. Numbers in SI; sentences in
 * metric units. The newest measured flow counts for every pack but a plan, which was never
 * in the filter. Where keepers disagree, the first position
 * of each school is taken; what wears out by date is left out.
 */
export function evaluateFile(file: NeatLayerFile) {
  const { tank, filter, packs, log } = file;
  const { fitting, leftOut } = fittingPacks({ filter, packs });
  const state = flowState(log);
  const flow = state.readings.at(-1)?.flow ?? null;
  const timedClean = cleanFlow(
    filter,
    fitting.find(({ id }) => id === packInFilter(file))?.layers ?? [],
    tank.temperature,
    state.clean?.flow.mean ?? null,
  );
  return {
    tank: tank.name,
    filter: filter.name,
    measuredFlow: flow === null ? null : { mean: flow.mean, spread: flow.spread },
    leftOut,
    packs: fitting.map((pack) => {
      const input = {
        ...aloneOn(tank),
        added: log.filter((entry) => entry.kind === 'addition'),
        filter,
        layers: pack.layers,
        flow: pack.role === 'planned' || pack.role === 'alternative' ? null : (flow?.mean ?? null),
        cleanFlow: timedClean,
      };
      const report = evaluatePack(input);
      return {
        id: pack.id,
        role: pack.role,
        name: pack.name,
        ...report,
        bacteria:
          report.bacteria === null ? null : { ...report.bacteria, ...bacteriaDetails(tank, report.bacteria) },
        chemical: reportChemical(input, report),
        findings: report.findings.map(({ rule, level, effect, title, reason, layers }) => ({
          rule,
          level,
          effect,
          title: formatSentence(title),
          reason: formatSentence(reason),
          layers,
        })),
      };
    }),
  };
}
