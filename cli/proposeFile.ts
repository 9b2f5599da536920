import { MERIT_NAMES } from '@/core/propose/answers';
import { defaultQuery } from '@/core/propose/defaultQuery';
import { propose, serviceRange } from '@/core/propose/propose';
import type { ProposeInput } from '@/core/propose/proposeInput';
import { USUAL_EFFORT, type Effort } from '@/core/propose/effort';
import { aloneOn } from '@/core/report/surroundings';
import type { Shelf } from '@/core/shelf/shelf';
import { formatSentence } from '@/core/units/sentence';
import type { NeatLayerFile } from '@/formats/neatLayerFile';
import { fittingPacks } from './fittingPacks';
import { packInFilter } from './packInFilter';

/** What of a search can be said on the command line. */
export type ProposeWishes = Partial<Pick<ProposeInput, 'from' | 'budget' | 'seed'>>;

/**
 * The packs that are proposed for the filter of a file, as plain data: what `neat propose` prints. SI units, money as on
 * the shelf. Held against the plan of the open repack, or what is in the filter; other filters on the tank are not in the
 * file and are left out.
 */
export function proposeFile(
  { tank, filter, packs, jobs, log }: NeatLayerFile,
  shelf: Shelf,
  wishes: ProposeWishes,
  effort: Effort = USUAL_EFFORT,
) {
  const { fitting } = fittingPacks({ filter, packs });
  const layersOf = (id: string | null | undefined) => fitting.find((pack) => pack.id === id)?.layers ?? [];
  const today = layersOf(packInFilter({ jobs }));
  const planned = layersOf(jobs.find(({ stage }) => stage !== 'done')?.plannedPackId);
  const input: ProposeInput = {
    ...defaultQuery({
      around: { ...aloneOn(tank), added: log.filter((entry) => entry.kind === 'addition') },
      filter,
      mine: planned.length > 0 ? planned : today,
      today,
      shelf,
    }),
    ...wishes,
  };
  const { tried, forecast, mine, plan, proposals, against, fault, contradiction } = propose(input, effort);
  return {
    tank: tank.name,
    filter: filter.name,
    packsTried: tried,
    packsForecast: forecast,
    limits: input.limits,
    plan: mine,
    planIs: plan,
    fault,
    contradiction,
    proposals: proposals.map(({ pack, merits, givesUp }, index) => {
      const range = serviceRange(input, pack.layers);
      return {
        name: merits.map((merit) => MERIT_NAMES[merit]).join(', '),
        merits,
        figures: pack.figures,
        serviceBetween: range === null ? null : [range.earliest, range.latest],
        givesUp,
        betterThanPlanIn: against[index]?.better ?? null,
        worseThanPlanIn: against[index]?.worse ?? null,
        layers: pack.layers,
        change: pack.change,
        buys: pack.buys.map(({ key, needed, onHand, buy }) => ({ key, needed, onHand, ...buy })),
        bill: pack.bill,
        findings: pack.findings.map(({ rule, level, title }) => ({
          rule,
          level,
          title: formatSentence(title),
        })),
      };
    }),
  };
}
