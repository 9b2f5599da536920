import type { Job } from '../job/job';
import { secondsOutOfFlow, clockState } from '../job/outOfFlowClock';
import type { PackReport } from '../report/evaluatePack';
import { sentence, type Sentence } from '../units/sentence';
import { OUT_OF_FLOW_AIM } from '../practice/outOfFlowAim';
import { SERVICE_SHARE } from '../practice/serviceShare';
import type { FlowState } from './flowState';

/** What a filter needs next, and why. Lower urgency numbers come first on home. */
export interface NextThing {
  readonly urgency: number;
  readonly alarm: boolean;
  readonly title: string;
  readonly why: Sentence;
}

/** What is known of a filter when home is opened. */
export interface NextThingInput {
  readonly openJob: Pick<Job, 'stage' | 'packed' | 'outOfFlow'> | null;
  readonly report: PackReport | null;
  readonly flow: FlowState;
  /** ISO moment of looking. */
  readonly now: string;
}

const STAGE_WORDS: Readonly<Record<Exclude<Job['stage'], 'done'>, string>> = {
  strip: 'Strip: what is in it',
  plan: 'Plan: what goes in',
  repack: 'Repack: put it in',
};

/**
 * The one next thing: a job that was begun comes first, then flow below the service share, then faults of the pack,
 * then what is not known yet.
 */
export function nextThing({ openJob, report, flow, now }: NextThingInput): NextThing {
  if (openJob !== null && openJob.stage !== 'done') {
    const packed = openJob.packed.length;
    const out = clockState(openJob.outOfFlow) === 'running' ? secondsOutOfFlow(openJob.outOfFlow, now) : null;
    return {
      urgency: 0,
      alarm: out !== null && out > OUT_OF_FLOW_AIM,
      title: 'Repack begun',
      why: sentence`Go on at ${STAGE_WORDS[openJob.stage]}${packed > 0 ? `, ${packed} ${packed === 1 ? 'layer' : 'layers'} in` : ''}.${
        out === null ? '' : ` Its media has been out of flow for ${Math.round(out / 60)} minutes.`
      }`,
    };
  }
  if (flow.share !== null && flow.share < SERVICE_SHARE)
    return {
      urgency: 1,
      alarm: true,
      title: 'Service now',
      why: sentence`Flow is at ${{ kind: 'share', si: flow.share }} of clean; the limit is ${{ kind: 'share', si: SERVICE_SHARE }}.`,
    };
  if (report === null || report.layers.length === 0)
    return {
      urgency: 3,
      alarm: false,
      title: 'Strip it once',
      why: sentence`What is in this filter is not known yet.`,
    };
  const worst = report.findings[0];
  if (worst !== undefined && worst.level !== 'note')
    return {
      urgency: 2,
      alarm: worst.level === 'urgent',
      title: worst.layers.length === 0 ? 'Check this filter' : 'Repack it',
      why: worst.title,
    };
  if (flow.latest === null)
    return {
      urgency: 4,
      alarm: false,
      title: 'Time its flow',
      why: sentence`No flow has been measured yet.`,
    };
  if (flow.clean === null)
    return {
      urgency: 5,
      alarm: false,
      title: 'Nothing due',
      why: sentence`Its clean flow is not known: time it after the next repack.`,
    };
  return {
    urgency: 6,
    alarm: false,
    title: 'Nothing due',
    why: sentence`The flow is fine and the pack is in order.`,
  };
}
