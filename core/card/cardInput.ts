import type { LogEntry } from '../log/logEntry';
import { assumedFood } from '../tank/feedPerDay';
import type { Shelf } from '../shelf/shelf';
import { flowState } from '../service/flowState';
import { formatUvOnDate, type RepackedPack } from '../repack/formatUvOnDate';
import type { packCard } from './packCard';

/**
 * What a finished repack says for its card: all but the year’s visits.
 *
 * @param pack `planned` are the layers as packed
 * @param packedAt ISO moment
 */
export function cardInput(
  pack: RepackedPack,
  packedAt: string,
  log: readonly LogEntry[],
  shelf: Shelf,
): Omit<Parameters<typeof packCard>[0], 'visits'> {
  const { around, filter, planned } = pack;
  return {
    filter,
    tank: around.tank.name,
    assumedFood: assumedFood(around.tank),
    spares: shelf.items.flatMap((item) => (item.kind === 'spare' && item.count > 0 ? item.part : [])),
    layers: planned,
    packedAt,
    clean: flowState(log).clean?.flow.mean ?? null,
    lampFrom: formatUvOnDate(pack, packedAt, around.now ?? packedAt),
  };
}
