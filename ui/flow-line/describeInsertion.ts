import type { Filter } from '@/core/filter/filter';
import type { Layer } from '@/core/layers/layer';
import { mediumOf } from '@/core/layers/mediumOf';
import { lowerFirst } from '@/core/units/firstLetter';
import type { InsertionPoint } from './insertionPoints';

/** Where a place for a new layer is, in words: “before the fine foam in “Top tray””. */
export function describeInsertion(
  { chamberId, before, after }: Pick<InsertionPoint, 'chamberId' | 'before' | 'after'>,
  { chambers }: Filter,
  layerById: ReadonlyMap<string, Layer>,
): string {
  const named = (id: string | null): string | null => {
    const layer = id === null ? undefined : layerById.get(id);
    return layer === undefined ? null : lowerFirst(mediumOf(layer).name.split(',')[0] ?? '');
  };
  const [earlier, later] = [named(before), named(after)];
  const chamber = `in “${chambers.find(({ id }) => id === chamberId)?.name ?? ''}”`;
  const inside = chambers.length > 1 ? ` ${chamber}` : '';
  if (later !== null) return `before the ${later}${inside}`;
  return earlier === null ? chamber : `after the ${earlier}${inside}`;
}
