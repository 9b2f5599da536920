import type { Successor } from '../filter/swap';
import type { PackEdit } from '../pack/packEdit';
import type { Sentence } from '../units/sentence';
import type { FindingLevel } from './findingLevel';

/** What a rule has to say about a pack, at one of the levels that it declares. */
export interface Judgement<Level extends FindingLevel = FindingLevel> {
  readonly level: Level;
  /** What is so. */
  readonly title: Sentence;
  /** Why it matters, and by how much. */
  readonly reason: Sentence;
  /** Id of the chamber it is about; left out: it is about layers, or about the filter as a whole. */
  readonly chamber?: string;
  /** Ids of the layers it is about. */
  readonly layers: readonly string[];
  /** Of those, the ones that stand in the wrong place. */
  readonly moves?: readonly string[];
  /** How much of what the filter does is at stake, roughly, 0–1: ranks findings of one level. */
  readonly effect: number;
  /** A change that would mend it. */
  readonly remedy?: { readonly label: string; readonly edit: PackEdit };
  /** A change that does over weeks what the plan does at once: what goes back into the plan, and what then replaces it. */
  readonly staged?: {
    readonly edit: PackEdit;
    readonly pieces: readonly { readonly layerId: string; readonly successor: Successor }[];
  };
}
