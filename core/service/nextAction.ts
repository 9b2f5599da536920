import type { Job } from '../job/job';
import { secondsOutOfFlow, clockState } from '../job/outOfFlowClock';
import type { Swap } from '../filter/swap';
import type { PackReport } from '../report/evaluatePack';
import { nextStageDue } from '../report/nextStageDue';
import { verdict, type Verdict } from '../report/verdict';
import { sentence, type Sentence } from '../units/sentence';
import { OUT_OF_FLOW_AIM } from '../practice/outOfFlowAim';
import type { FlowState } from './flowState';
import { flowVerdict } from './flowVerdict';

/** What state a filter is in, and what to do about it. Lower urgency numbers come first on home. */
export interface NextThing {
  readonly urgency: number;
  readonly level: 'urgent' | 'check' | 'begun' | 'works' | 'unknown';
  readonly state: Sentence;
  /** What to do, and the page on which it is done; null: nothing. */
  readonly todo: {
    readonly what: string;
    readonly place: 'strip' | 'plan' | 'prepare' | 'repack' | 'flow' | 'media-swap' | 'care';
  } | null;
}

/** What is known of a filter when home is opened. */
export interface NextThingInput {
  readonly openJob: Pick<Job, 'stage' | 'packed' | 'outOfFlow' | 'occasion'> | null;
  readonly report: PackReport | null;
  readonly flow: FlowState;
  /** The flow that was timed is under its limit, as it is now. */
  readonly isWeak?: boolean;
  /** Preparations for a repack that are due, where `dueNow` says so; left out: one. */
  readonly duePreparations?: number;
  /** Media that are being retired in stages; left out: none. */
  readonly swap?: Swap | null;
  /** Its outlook; left out or `empty`: not known. */
  readonly ahead?: Verdict | null;
  /** Keys of what is due today, by the one list of it: what is put off is not among them. */
  readonly dueNow?: readonly string[];
  /** ISO moment of looking. */
  readonly now: string;
}

const GO_ON = {
  strip: 'Continue stripping',
  plan: 'Continue planning',
  repack: 'Continue repacking',
} as const;

/**
 * The one next thing: a job that was begun comes first, then flow below the service share, then faults of the pack,
 * then what is not known yet.
 */
export function nextAction({
  openJob,
  report,
  flow,
  isWeak = false,
  duePreparations = 1,
  swap = null,
  ahead = null,
  dueNow = [],
  now,
}: NextThingInput): NextThing {
  const isDue = (what: string): boolean => dueNow.some((key) => key.startsWith(`${what} `));
  if (openJob !== null && isDue('prepare') && clockState(openJob.outOfFlow) !== 'running')
    return {
      urgency: 1,
      level: 'check',
      state: sentence`${duePreparations === 1 ? 'One preparation is' : `${duePreparations} preparations are`} due for the repack.`,
      todo: { what: 'Go to Prepare', place: 'prepare' },
    };
  if (openJob !== null && openJob.stage !== 'done') {
    // While a plan is made the filter runs on: its own state is shown.
    if (openJob.occasion === 'plan' && openJob.stage === 'plan')
      return {
        ...nextAction({ openJob: null, report, flow, isWeak, swap, ahead, dueNow, now }),
        todo: { what: 'Continue the plan', place: 'plan' },
      };
    return goOn(openJob, openJob.stage, now);
  }
  if (isDue('visit')) {
    const isKnown = ahead !== null && ahead.level !== 'empty';
    return {
      urgency: 1,
      level: 'check',
      state: isWeak ? flowVerdict(flow).state : isKnown ? ahead.state : sentence`Needs service now.`,
      todo: isWeak
        ? { what: 'Strip this filter', place: 'strip' }
        : { what: 'Show what is due', place: 'care' },
    };
  }
  const stage = swap === null ? null : nextStageDue(swap, now);
  if (stage !== null && isDue('swap'))
    return {
      urgency: 1,
      level: 'check',
      state: sentence`Stage ${String(stage.number)} of the swap is due. Test ammonia and nitrite first.`,
      todo: { what: 'Do the next stage', place: 'media-swap' },
    };
  if (report === null || report.layers.length === 0)
    return {
      urgency: 3,
      level: 'unknown',
      state: sentence`The media in this filter is not entered yet.`,
      todo: { what: 'Plan a pack', place: 'plan' },
    };
  const { level, state } = verdict(report, 'working');
  if (level === 'urgent' || level === 'check')
    return { urgency: 2, level, state, todo: { what: 'Plan a better pack', place: 'plan' } };
  if (flow.latest === null || flow.clean === null)
    return {
      urgency: flow.latest === null ? 4 : 5,
      level: 'works',
      state:
        flow.latest === null
          ? sentence`No problems found. The flow is not measured yet.`
          : sentence`No problems found. The clean flow is not known: measure it after the next repack.`,
      todo: { what: 'Measure the flow', place: 'flow' },
    };
  return {
    urgency: 6,
    level: 'works',
    state:
      ahead === null || ahead.level === 'empty'
        ? sentence`No problems found, and the flow is fine.`
        : ahead.level === 'check'
          ? // It was put off.
            sentence`Works: no problems found.`
          : sentence`No problems found. ${ahead.state}`,
    todo: null,
  };
}

function goOn(
  { packed, outOfFlow }: Pick<Job, 'packed' | 'outOfFlow'>,
  stage: keyof typeof GO_ON,
  now: string,
): NextThing {
  const out = clockState(outOfFlow) === 'running' ? secondsOutOfFlow(outOfFlow, now) : null;
  const layers = `${packed.length} ${packed.length === 1 ? 'layer' : 'layers'}`;
  return {
    urgency: 0,
    level: out !== null && out > OUT_OF_FLOW_AIM ? 'urgent' : 'begun',
    state: sentence`${packed.length > 0 ? `Repack started: ${layers} in.` : 'Repack started.'}${out === null ? '' : ` The media has been out of the filter for ${Math.round(out / 60)} minutes.`}`,
    todo: { what: GO_ON[stage], place: stage },
  };
}
