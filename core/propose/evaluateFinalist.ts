import { cutPlan } from '../cut/cutPlan';
import { piecesToCut } from '../cut/piecesToCut';
import { forecastInput } from '../dirt/forecastInput';
import { forecast } from '../dirt/forecast';
import type { ServiceBy } from '../dirt/serviceMeasures';
import type { Finding } from '../findings/finding';
import { MATURE_LEAVES } from '../report/matureLeavesOf';
import type { Layer } from '../layers/layer';
import { placeLayers } from '../layers/placeLayers';
import { HORIZON } from '../pack/visitLimits';
import { fills } from '../prepare/bags';
import { packCosts } from '../prepare/costs';
import { listCost, shoppingList, type Need } from '../prepare/shopping';
import { evaluatePack } from '../report/evaluatePack';
import { matureLeavesOf } from '../report/matureLeavesOf';
import { servicePlan } from '../service/servicePlan';
import { changeFromToday, changes, type ChangeFromToday } from './changeFromToday';
import { judgePack } from './judgePack';
import type { ProposeInput } from './proposeInput';
import { isSheet } from './isSheet';
import { isWellBuilt } from './isWellBuilt';
import { withRoutineOpenings } from './withRoutineOpenings';
import { lossesOf, type Figures } from './objectives';

/** A pack worked out to the end: its figures by a forecast and a year of visits, its findings, what is cut and bought. */
export interface Finalist {
  readonly layers: readonly Layer[];
  readonly figures: Figures;
  readonly losses: readonly number[];
  /** Urgent ones and those to check, of the pack once it is in. */
  readonly findings: readonly Finding[];
  /** What the change to it does to the bacteria at once, where that is too much; null: enough stays. */
  readonly matureLeaves: Finding | null;
  readonly change: ChangeFromToday;
  /** What must be bought for it, and what that costs as far as prices are known. */
  readonly buys: readonly Need[];
  readonly bill: { readonly known: number; readonly unpriced: number };
  /** What decides its service; null: it was only judged. */
  readonly serviceBy: ServiceBy | null;
  /** It can be made from what may be used. */
  readonly canBeHad: boolean;
  /** Keepers would build it so: only such a pack is the best overall. */
  readonly isWellBuilt: boolean;
  /** It is one of the packs that keepers usually build, which the search began with. */
  readonly isUsual: boolean;
}

/**
 * Works a pack out to the end.
 *
 * @param isUsual it is one of the packs that keepers usually build
 */
export function evaluateFinalist(input: ProposeInput, layers: readonly Layer[], isUsual = false): Finalist {
  const { around, filter, today, shelf, from, budget } = input;
  const { tank, others, learned = null } = around;
  const change = changeFromToday(today, layers, isSheet);
  const quick = judgePack(input, layers, changes(change));
  const ahead = forecastInput(
    { tank, others, learned, added: around.added, now: around.now },
    filter,
    layers,
  );
  const found = forecast({ ...ahead, brief: true });
  // Every filter is looked into now and then: packs differ by what they call for.
  const plan = servicePlan(ahead, null, undefined, Infinity);
  const costs = packCosts(filter, layers, plan, shelf, null);
  const report = evaluatePack({ ...around, filter, layers, flow: null, found: today });
  const cuts = cutPlan(piecesToCut(filter, layers, today, shelf, null).anew, shelf);
  const needs = shoppingList(
    { filter, layers, found: today, cuts, fills: fills(filter, layers), parts: {} },
    shelf,
  );
  const buys = needs.filter(({ buy }) => buy !== null);
  const bill = listCost(needs);
  const figures: Figures = {
    ...quick,
    service: found.serviceDay ?? HORIZON,
    cost: costs.consumables,
    unpriced: placeLayers(filter, layers).reduce((sum, { layer, measure }) => {
      const cost = costs.layers.find(({ layerId }) => layerId === layer.id);
      return cost?.once === null ? sum + cost.perYear * measure.volume : sum;
    }, 0),
    ...withRoutineOpenings(filter, plan.perYear),
  };
  return {
    layers,
    figures,
    losses: lossesOf(figures),
    findings: report.findings.filter(({ level, rule }) => level !== 'note' && rule !== MATURE_LEAVES),
    matureLeaves: matureLeavesOf(report),
    change,
    buys,
    bill,
    serviceBy: found.course.by,
    isWellBuilt: isWellBuilt(filter, layers, around.schools),
    isUsual,
    canBeHad:
      cuts.every(({ tooLarge }) => tooLarge.length === 0) &&
      (from !== 'hand' || buys.every(({ kind }) => kind === 'bag')) &&
      (budget === null || (bill.known <= budget && bill.unpriced === 0)),
  };
}
