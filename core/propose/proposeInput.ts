import type { Filter } from '../filter/filter';
import type { Layer } from '../layers/layer';
import type { Surroundings } from '../report/surroundings';
import type { Shelf } from '../shelf/shelf';

/**
 * Where media may come from: what is in the filter and on the shelf; also what the shelf lists to buy; or any generic
 * medium.
 */
export const SOURCES = ['hand', 'listed', 'any'] as const;
export type Source = (typeof SOURCES)[number];

/** What a pack must keep to; null: no limit. */
export interface Limits {
  /** It must not overflow even when every layer is blocked. */
  readonly neverOverflows: boolean;
  /** Tanks a second. */
  readonly leastTurnover: number | null;
  readonly mostTurnover: number | null;
  /** A year. */
  readonly mostVisits: number | null;
  readonly mostMinutes: number | null;
  /** Of the wet body with its media, kg. */
  readonly mostMass: number | null;
}

/** All that proposals are made from. */
export interface ProposeInput {
  readonly around: Surroundings;
  readonly filter: Filter;
  /** The plan as it is: what the proposals are held against. */
  readonly mine: readonly Layer[];
  /** What is in the filter until now; empty: nothing is, or it is unknown. */
  readonly today: readonly Layer[];
  readonly shelf: Shelf;
  readonly from: Source;
  /** Money that may be spent on what is bought; null: any. */
  readonly budget: number | null;
  /** Ids of layers of `today` whose media stay in the pack, wherever in it. */
  readonly stay: readonly string[];
  /** Ids of layers of `mine` that stay where they are. */
  readonly pinned: readonly string[];
  readonly limits: Limits;
  readonly seed: number;
}

/** What a keeper changes of what is asked at first. */
export type Asked = Partial<Pick<ProposeInput, 'from' | 'budget' | 'stay' | 'pinned' | 'limits'>>;
