import type { CautionId } from '../cautions/cautions';
import type { Filter } from '../filter/filter';
import type { Finding } from '../findings/finding';
import type { Layer } from '../layers/layer';
import type { PackMeasures } from '../report/packMeasures';
import type { Sentence } from '../units/sentence';

/** The parts of a repack, in order. */
export const REPACK_PHASES = ['ready', 'stop', 'open', 'body', 'pack', 'close', 'start', 'check'] as const;
export type RepackPhase = (typeof REPACK_PHASES)[number];

/** What each part is called. */
export const PHASE_WORDS: Readonly<Record<RepackPhase, string>> = {
  ready: 'Get ready',
  stop: 'Stop the water',
  open: 'Open the filter',
  body: 'Clean the filter',
  pack: 'Pack',
  close: 'Close',
  start: 'Start',
  check: 'Check',
};

/** What the steps of a repack hang on. */
export interface StepContext {
  readonly filter: Filter;
  /** The plan. */
  readonly layers: readonly Layer[];
  readonly measures: PackMeasures;
  /** A filter new from its box: nothing is mature, and nothing runs that must be stopped. */
  readonly firstPack: boolean;
  /** The filter is open already, its media wait out of flow. */
  readonly isOpen: boolean;
  /** Biological media come out of the old pack and must stay wet. */
  readonly hasMature: boolean;
  /** What the report says of mature media that leaves at once; null: enough stays. */
  readonly matureLeaves: Finding | null;
  /** What a new tank does until its bacteria have grown; null: it is not one. */
  readonly newTank: Sentence | null;
  /** Preparations that are not ticked. */
  readonly unprepared: number;
  /** Small parts that were found worn or missing. */
  readonly replace: readonly string[];
  /** The levelling foot was found missing. */
  readonly footMissing: boolean;
  /** The day from which the UV lamp may be lit, in words; null: it may be lit at once, or there is none. */
  readonly lampFrom: string | null;
  /** Flow with the outlets under water, m³/s; null: none pours from above the water. */
  readonly flowSubmerged: number | null;
}

/** What a step takes in beside its tick. */
export type StepAsk = 'layer' | 'level' | 'holds' | 'flow';

/** One thing for the hands to do. */
export interface RepackStep {
  /** Its own within a repack: ticks and timers are kept by it. */
  readonly key: string;
  readonly phase: RepackPhase;
  readonly title: string;
  readonly says: readonly Sentence[];
  /** Where a hand, a motor or an animal could be hurt; null: nowhere. */
  readonly caution: string | null;
  /** What the large button says: where it matters, what is acknowledged by pressing it. */
  readonly confirm: string;
  /** It can be ticked only by that button, never by a tap beside it. */
  readonly acknowledge: boolean;
  /** For how long it is watched or waited, s; null: no timer. */
  readonly seconds: number | null;
  readonly asks: StepAsk | null;
  /** The layer that goes in; null for all other steps. */
  readonly layerId: string | null;
  /** Where the step comes from. */
  readonly evidence: string;
}

/** A step as the tables hold it, with when it applies. */
export interface StepRule {
  readonly key: string;
  readonly title: string | ((context: StepContext) => string);
  /** Left out: every filter has it. */
  readonly when?: (context: StepContext) => boolean;
  readonly says?: (context: StepContext) => readonly Sentence[];
  readonly cautions?: readonly CautionId[];
  /** What is acknowledged; left out: the button says Done. */
  readonly confirm?: string;
  readonly seconds?: number;
  readonly asks?: StepAsk;
  readonly evidence: string;
}

/** Where most steps come from. */
export const COMMON_PRACTICE = 'common practice, no source';
