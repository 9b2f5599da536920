import { AIR_WORK, QUICK_CHECKS, type Look } from './serviceWorks';
import type { LogEntry } from './logEntry';
import { mediumOf } from '../layers/mediumOf';
import type { Layer } from '../layers/layer';

/** What can be logged for several filters at once. */
export const MANY_KINDS = [
  'foam squeezed',
  'air-driven filters squeezed',
  'water changed',
  'note',
  ...QUICK_CHECKS,
] as const;
export type ManyKind = (typeof MANY_KINDS)[number];

/** What is logged, and what belongs to it. */
export interface ManyEntry {
  readonly kind: ManyKind;
  /** Of the water. */
  readonly share: number;
  readonly note: string;
}

const isLook = (kind: ManyKind): kind is Look => (QUICK_CHECKS as readonly string[]).includes(kind);

/** A filter, with the layers that are in it as far as is known. */
export interface ManyFilter {
  readonly id: string;
  readonly tankId: string;
  /** Air-driven filters of its tank. */
  readonly airFilters: number;
  readonly layers: readonly Pick<Layer, 'id' | 'medium' | 'own' | 'mix'>[];
}

/** Layers of a filter that are squeezed. */
const foamOf = ({ layers }: ManyFilter): string[] =>
  layers.flatMap((layer) => (mediumOf(layer).service === 'squeeze' ? [layer.id] : []));

/**
 * One entry a filter; a water change, and air-driven filters, are of a tank, at the first of its filters. Filters that
 * have no foam, and tanks without air-driven filters, are passed over where those are squeezed.
 *
 * @param now ISO moment
 */
export function manyEntries(
  filters: readonly ManyFilter[],
  { kind, share, note }: ManyEntry,
  now: string,
  newId: () => string,
): LogEntry[] {
  const tanks = new Set<string>();
  return filters.flatMap((filter): LogEntry[] => {
    const common = { id: newId(), filterId: filter.id, jobId: null, at: now, note };
    if (isLook(kind)) return [{ kind: 'look', ...common, seen: [kind] }];
    if (kind === 'note') return [{ kind, ...common }];
    if (kind === 'water changed' || kind === 'air-driven filters squeezed') {
      if (tanks.has(filter.tankId)) return [];
      tanks.add(filter.tankId);
      if (kind === 'water changed') return [{ kind: 'water change', ...common, share, dechlorinated: true }];
      return filter.airFilters === 0
        ? []
        : [
            {
              ...{ kind: 'service', ...common, flowWas: 'not known' },
              works: [{ layerId: null, work: AIR_WORK }],
            },
          ];
    }
    const foam = foamOf(filter);
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
