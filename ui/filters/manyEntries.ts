import { LOOKS, type Look } from '@/core/job/looks';
import type { LogEntry } from '@/core/job/logEntry';
import { mediumOf } from '@/core/layers/mediumOf';
import type { HomeRow } from '@/server/homeRow';

/** What can be logged for several filters at once. */
export const MANY_KINDS = ['foam squeezed', 'water changed', 'note', ...LOOKS] as const;
export type ManyKind = (typeof MANY_KINDS)[number];

/** What is logged, and what belongs to it. */
export interface ManyEntry {
  readonly kind: ManyKind;
  /** Of the water. */
  readonly share: number;
  readonly note: string;
}

const isLook = (kind: ManyKind): kind is Look => (LOOKS as readonly string[]).includes(kind);

/** Layers of a filter that are squeezed; empty while nobody knows what is in it. */
const foamOf = (row: HomeRow): string[] =>
  (row.pack?.layers ?? []).flatMap((layer) => (mediumOf(layer).service === 'squeeze' ? [layer.id] : []));

/**
 * One entry a filter; a water change is one of a tank, at the first of its filters. Filters that have no foam are passed
 * over where foam is squeezed.
 *
 * @param now ISO moment
 */
export function manyEntries(
  rows: readonly HomeRow[],
  { kind, share, note }: ManyEntry,
  now: string,
  newId: () => string,
): LogEntry[] {
  const tanks = new Set<string>();
  return rows.flatMap((row): LogEntry[] => {
    const common = { id: newId(), filterId: row.id, jobId: null, at: now, note };
    if (isLook(kind)) return [{ kind: 'look', ...common, seen: [kind] }];
    if (kind === 'note') return [{ kind, ...common }];
    if (kind === 'water changed') {
      if (tanks.has(row.tankId)) return [];
      tanks.add(row.tankId);
      return [{ kind: 'water change', ...common, share, dechlorinated: true }];
    }
    const foam = foamOf(row);
    return foam.length === 0
      ? []
      : [
          {
            ...{ kind: 'service', ...common, flowWas: 'not known' },
            works: foam.map((layerId) => ({ layerId, work: 'squeezed' })),
          },
        ];
  });
}
