import type { Filter } from '../filter/filter';
import { isHangOnBack, isCanister } from '../filter/kindFamily';
import { operatingPoint } from '../hydraulics/operatingPoint';
import { fullCaution } from '../cautions/cautions';
import { packingSteps, type PackingStep } from '../job/packingSteps';
import { layerKey } from '../job/ticks';
import { placeLayers } from '../layers/placeLayers';
import type { Layer } from '../layers/layer';
import { sentence, type Sentence } from '../units/sentence';
import { BODY_STEPS } from './bodySteps';
import { CHECK_STEPS } from './checkSteps';
import { CLOSE_STEPS } from './closeSteps';
import { OPEN_STEPS } from './openSteps';
import { READY_STEPS } from './readySteps';
import { START_STEPS } from './startSteps';
import { STOP_STEPS } from './stopSteps';
import {
  COMMON_PRACTICE,
  type RepackPhase,
  type RepackStep,
  type StepContext,
  type StepRule,
} from './repackStep';

/**
 * The step list of one repack: what this filter and this plan ask of the hands, in order.
 *
 * @source the tables of this folder, each step with its evidence
 */
export function repackSteps(context: StepContext): RepackStep[] {
  const of = (phase: RepackPhase, rules: readonly StepRule[]): RepackStep[] =>
    rules.filter(({ when }) => when?.(context) ?? true).map((rule) => stepOf(phase, rule, context));
  return [
    ...of('ready', READY_STEPS),
    ...of('stop', STOP_STEPS),
    ...of('open', OPEN_STEPS),
    ...of('body', BODY_STEPS),
    ...layerSteps(context),
    ...of('close', CLOSE_STEPS),
    ...of('start', START_STEPS),
    ...of('check', CHECK_STEPS),
  ];
}

function stepOf(phase: RepackPhase, rule: StepRule, context: StepContext): RepackStep {
  return {
    key: `${phase}/${rule.key}`,
    phase,
    title: typeof rule.title === 'string' ? rule.title : rule.title(context),
    says: rule.says?.(context) ?? [],
    caution: rule.cautions === undefined ? null : fullCaution(...rule.cautions),
    confirm: rule.confirm ?? 'Done',
    acknowledge: rule.confirm !== undefined && rule.cautions !== undefined,
    seconds: rule.seconds ?? null,
    asks: rule.asks ?? null,
    layerId: null,
    evidence: rule.evidence,
  };
}

/** A layer a step, in packing order; the last of each chamber says that the chamber goes in. */
function layerSteps({ filter, layers, measures }: StepContext): RepackStep[] {
  const steps = packingSteps(filter, layers, measures);
  return steps.map((step, index) => {
    const last = steps[index + 1]?.chamber !== step.chamber;
    return {
      key: layerKey(step.layerId),
      phase: 'pack' as const,
      title: step.medium.name,
      says: [
        sentence`${step.place}`,
        step.size,
        ...step.hints.map((hint): Sentence => [hint]),
        ...(last ? chamberFull(filter, step) : []),
      ],
      caution: null,
      confirm: 'The layer is in',
      acknowledge: false,
      seconds: null,
      asks: 'layer' as const,
      layerId: step.layerId,
      evidence: `${COMMON_PRACTICE}; sizes: core/job/packingSteps.ts`,
    };
  });
}

function chamberFull({ kind, chambers }: Filter, { chamber, medium }: PackingStep): Sentence[] {
  if (chamber.where === 'intake') return [];
  const bodies = chambers.filter(({ where }) => where === 'body').length;
  return [
    ...(isHangOnBack(kind) && medium.supply === 'loose'
      ? [sentence`Spread the sides of the basket before you lift it. Its fins tear bags.`]
      : []),
    ...(isCanister(kind) && bodies > 1
      ? [
          chamber.lift.some((text) => text !== 'lid')
            ? sentence`“${chamber.name}” is now full. Put the next part on it and check that it is seated all round.`
            : sentence`“${chamber.name}” is now full. It must be seated all round, or the lid will not close.`,
        ]
      : []),
  ];
}

/** Flow with the outlets under water, m³/s; null where none pours from above it. */
export function flowSubmerged(filter: Filter, layers: readonly Layer[], celsius: number): number | null {
  if (filter.outlets.every(({ aboveWater }) => aboveWater === 0)) return null;
  const lowered = { ...filter, outlets: filter.outlets.map((outlet) => ({ ...outlet, aboveWater: 0 })) };
  return operatingPoint(lowered, placeLayers(lowered, layers), celsius).flow;
}
