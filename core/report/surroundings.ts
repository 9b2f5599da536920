import type { Tank } from '../tank/tank';
import { DEFAULT_SCHOOLS } from '../findings/defaultSchools';
import type { Schools } from '../findings/schools';
import type { Added } from '../tank/additions';
import type { Posterior } from '../dirt/posterior';
import type { Filter } from '../filter/filter';
import type { Layer } from '../layers/layer';

/** Another filter on the same tank. */
export interface OtherFilter {
  readonly filter: Filter;
  readonly layers: readonly Layer[];
}

/** What is around a filter: its tank, the others on it, where the keeper stands, and when it is judged. */
export interface Surroundings {
  readonly tank: Tank;
  /** Other filters on the same tank, with what is known to be in them. */
  readonly others: readonly OtherFilter[];
  /** Where the keeper stands on what keepers disagree on. */
  readonly schools: Schools;
  /** What was put into the tank that its media have to do with. */
  readonly added: readonly Added[];
  /** ISO moment at which the pack is judged, for what wears out; null: time plays no part. */
  readonly now: string | null;
  /** What the filter’s log taught of its clogging; left out or null: nothing. */
  readonly learned?: Posterior | null;
}

/** A tank on which only this filter hangs, judged by the first school of each question and without regard to time. */
export const aloneOn = (tank: Tank): Surroundings => ({
  tank,
  others: [],
  schools: DEFAULT_SCHOOLS,
  added: [],
  now: null,
});
