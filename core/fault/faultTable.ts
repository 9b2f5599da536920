import type { Filter } from '../filter/filter';

/** What is known of a filter before anything is checked. */
export interface FaultContext {
  readonly filter: Filter;
  /** Days since it was packed; null: not known. */
  readonly sincePacked: number | null;
  /** Days from packing to service by the forecast; null: not known, or not within a year. */
  readonly serviceDay: number | null;
  /** Families and fit of what is in it. */
  readonly hasFoam: boolean;
  readonly hasFloss: boolean;
  /** Least share of a chamber’s face that a layer covers, 0–1; null: nothing is in it. */
  readonly leastCover: number | null;
  /** m of media above a stop. */
  readonly overfill: number;
}

/** A thing that may be wrong. */
export interface Cause {
  readonly id: string;
  readonly name: string;
  readonly fix: string;
  readonly caution: string | null;
}

/** A check, with what each cause makes of its outcomes. */
export interface Check {
  readonly id: string;
  readonly ask: string;
  /** Minutes of the hands, without opening the body. */
  readonly minutes: number;
  /** The body is opened for it: that costs its minutes once. */
  readonly opens: boolean;
  /** Checks of one group share what could mislead them: only one is asked. */
  readonly group: string;
  readonly outcomes: readonly string[];
  /** By cause, how likely each outcome is; a cause that is not named gives the outcomes of `otherwise`. */
  readonly given: Readonly<Record<string, readonly number[]>>;
  readonly otherwise: readonly number[];
}

/** What may be wrong where something is seen: causes with their weights, and the checks that tell them apart. */
export interface FaultTable {
  readonly causes: readonly (Cause & { readonly weight: number })[];
  readonly checks: readonly Check[];
}
