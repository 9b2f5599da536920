import type { Surroundings } from './surroundings';
import { filmLeaving } from '../biology/filmLeaving';

import type { Filter } from '../filter/filter';
import type { PartsSeen } from '../filter/smallPart';
import type { CleanFlow } from '../hydraulics/cleanFlowFit';
import { operatingPoint, type LayerFlow, type OperatingPoint } from '../hydraulics/operatingPoint';
import { turnover } from '../hydraulics/turnover';

import { assumedFood } from '../tank/feedPerDay';
import { netVolume } from '../tank/netVolume';

import type { RuleContext } from '../findings/ruleContext';
import type { PlacedLayer } from '../layers/placedLayer';
import { packingOrder } from '../layers/packingOrder';
import { foundAs } from '../layers/foundAs';
import type { Layer } from '../layers/layer';
import { measureChamber, type ChamberMeasure } from '../layers/measureChamber';
import type { LayerMeasure } from '../layers/measureLayer';
import { packFaults } from '../pack/packFaults';
import { placeLayers } from '../layers/placeLayers';
import { sizing, type Sizing } from './sizing';
import type { LayerRole } from '../layers/layerRole';
import type { Range } from '../maths/range';
import { reportBacteria, type ReportBacteria } from './reportBacteria';
import { reportClearWater, type ReportClearWater } from './reportClearWater';
import { sumOf } from '../maths/sum';

/** One layer of a report; numbers count from 1. Measures in SI. */
export interface LayerReport extends LayerMeasure, LayerFlow {
  readonly chamberId: string;
  readonly flowNumber: number;
  readonly packingNumber: number;
  readonly role: LayerRole;
}

/** All that is measured of a pack in its filter on its tank, before anything is judged. SI. */
export interface PackMeasures {
  /** In flow order. */
  readonly layers: readonly LayerReport[];
  /** In flow order. */
  readonly chambers: readonly ChamberMeasure[];
  readonly totals: {
    readonly thickness: number;
    readonly volume: number;
    readonly dryMass: number;
    readonly drainedMass: number;
    /** Surface for bacteria, m²: of every layer what a film can live on. */
    readonly biologicalSurface: number;
    readonly biologicalSurfaceRange: Range;
    readonly freeVolume: number;
    /** The worst overfill of any chamber, m. */
    readonly overfill: number;
    /** Least share of a chamber's cross-section that any layer covers, 0–1; null without layers. */
    readonly leastCover: number | null;
  };
  readonly sizing: Sizing;
  /** Where pump and pack agree: predicted flow, heads, and the levels of a hang-on-back. */
  readonly water: OperatingPoint;
  /** Tanks per second (× 3,600 an hour) at the predicted flow. */
  readonly predictedTurnover: number;
  /** Least share of the flow that goes through any layer, 0–1; null without layers. */
  readonly leastPassThrough: number | null;
  /** Dry food a day that is taken for what is fed, kg; null: the keeper has entered it. */
  readonly assumedFood: number | null;
  /** How clear the clean pack keeps the water. */
  readonly clearWater: ReportClearWater;
  /** For how many times today’s food the bacteria are enough; null where nothing is fed. */
  readonly bacteria: ReportBacteria | null;
  /** Tanks per second (× 3,600 an hour) at the flow given; null without one. */
  readonly turnover: number | null;
}

export interface PackInput extends Surroundings {
  readonly filter: Filter;
  readonly layers: readonly Layer[];
  /** Flow measured at the outlet with these layers in, m³/s, or null when none was. */
  readonly flow: number | null;
  /** A flow timed with the clean pack that was in then, against its prediction; left out without one. */
  readonly cleanFlow?: CleanFlow | null;
  /** Layers that were in the filter until now, with what becomes of each; left out: these layers are in it, and live. */
  readonly found?: readonly Layer[] | null;
  /** Small parts that were looked at while the filter was open; left out: none. */
  readonly parts?: PartsSeen;
  /** Ids of chambers of which all is known, while a filter is stripped; null or left out: of all of them. */
  readonly reached?: readonly string[] | null;
}

/**
 * What a pack measures and does with the water, and what the rules judge it by: enough for a sheet that draws or weighs a
 * pack without judging it, which then loads no rules.
 *
 * @throws Error when a layer refers to a medium or chamber that is not there; check with `packFaults` first.
 * @example packMeasures({ ...aloneOn(reedBench.tank), ...reedBench, flow: null }).measures // { leastPassThrough: 1, turnover: null }
 */
export function packMeasures(input: PackInput): {
  readonly measures: PackMeasures;
  readonly context: RuleContext;
} {
  const { tank, filter, layers, flow } = input;
  const [fault] = packFaults(filter, layers);
  if (fault !== undefined) throw new Error(fault);

  const inFlow = placeLayers(filter, layers);
  const chambers = filter.chambers.map((chamber) => ({
    chamber,
    measure: measureChamber(
      chamber,
      inFlow.filter((placed) => placed.chamber === chamber).map((item) => item.measure),
    ),
  }));
  const inPackingOrder = packingOrder(filter, layers);
  const tankVolume = netVolume(tank.water).value;
  const turned = flow === null ? null : turnover(flow, tankVolume);
  const water = operatingPoint(filter, inFlow, tank.temperature);
  const flows = new Map(water.layers.map((layerFlow) => [layerFlow.layerId, layerFlow]));
  const flowOf = (candidate: PlacedLayer): LayerFlow => {
    const found = flows.get(candidate.layer.id);
    if (found === undefined) throw new Error(`No flow through layer ${candidate.layer.id}.`);
    return found;
  };
  const others = input.others.map((other) => other.filter);
  const found = input.found == null ? null : foundAs(filter, layers, input.found);
  const history = { found, rinseWater: input.schools.rinseWater, now: input.now };
  const bacteria = reportBacteria(input, inFlow, flowOf, water.flow, history);
  const context: RuleContext = {
    ...input,
    others,
    turnover: turned,
    water,
    flowOf,
    inFlow,
    chambers,
    isReached: ({ id }) => input.reached == null || input.reached.includes(id),
    parts: input.parts ?? {},
    found: history.found,
    leaving: filmLeaving(filter, inFlow, history),
    atOnce: bacteria?.atOnce ?? null,
  };
  const total = (value: (one: PlacedLayer) => number): number => sumOf(inFlow, value);
  const weighedMass = total((one) => one.measure.weighedMass);

  const measures: PackMeasures = {
    layers: inFlow.map((one, index) => {
      // Named one by one: a second spread costs a tenth of the whole report.
      const { layerId, head, passThrough, passThroughIfMixed, faceVelocity, bedTime, poreTime } = flowOf(one);
      return {
        ...one.measure,
        layerId,
        head,
        passThrough,
        passThroughIfMixed,
        faceVelocity,
        bedTime,
        poreTime,
        chamberId: one.chamber.id,
        flowNumber: index + 1,
        packingNumber: inPackingOrder.indexOf(one.layer) + 1,
        role: one.role,
      };
    }),
    chambers: chambers.map(({ measure }) => measure),
    totals: {
      thickness: total((one) => one.layer.thickness),
      volume: total((one) => one.measure.volume),
      dryMass: total((one) => one.measure.dryMass),
      drainedMass: total((one) => one.measure.drainedMass),
      biologicalSurface: total((one) => one.measure.surface),
      biologicalSurfaceRange: {
        low: total((one) => one.measure.surfaceRange.low),
        likely: total((one) => one.measure.surfaceRange.likely),
        high: total((one) => one.measure.surfaceRange.high),
      },
      freeVolume: sumOf(chambers, ({ measure }) => measure.freeVolume),
      overfill: Math.max(0, ...chambers.map(({ measure }) => measure.overfill)),
      leastCover: inFlow.length === 0 ? null : Math.min(...inFlow.map((one) => one.measure.coverShare)),
    },
    sizing: sizing(weighedMass, tankVolume),
    water,
    predictedTurnover: turnover(water.flow, tankVolume),
    leastPassThrough:
      inFlow.length === 0 ? null : Math.min(...water.layers.map((layer) => layer.passThrough)),
    assumedFood: assumedFood(tank),
    clearWater: reportClearWater(input, inFlow, water),
    bacteria,
    turnover: turned,
  };
  return { measures, context };
}
