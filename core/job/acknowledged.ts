import type { Job } from './job';
import { isTicked, tickOf } from './ticks';

/** Keys under which a keeper acknowledges, at Prepare and in the first step of the repack, that most mature media leaves. */
export const MATURE_LEAVES_KEYS = ['prepare/mature leaves', 'ready/mature leaves'] as const;

/** When a keeper acknowledged it at Prepare, ISO; null: not yet. */
export const acknowledgedAt = (
  { ticks }: Pick<Job, 'ticks'>,
  key: (typeof MATURE_LEAVES_KEYS)[number],
): string | null => (isTicked(ticks, key) ? (tickOf(ticks, key)?.at ?? null) : null);

/** What the log says of risks that the keeper took knowingly; empty: none. */
export const acknowledgedNote = (job: Pick<Job, 'ticks'>): string =>
  MATURE_LEAVES_KEYS.some((key) => acknowledgedAt(job, key) !== null)
    ? 'Acknowledged before packing: mature media leaves at once, and few bacteria stay.'
    : '';
