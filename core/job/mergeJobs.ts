import type { Job } from './job';
import { layerKey, mergeTicks, tickOf } from './ticks';

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * What two devices did on one repack, as one: ticks and layers step by step, the newer of each, so that nothing that was
 * done is lost. What only one side changed since they parted is taken from it; where both did, this device's holds.
 *
 * @param base as it was when they parted; null: not known
 */
export function mergeJobs(base: Job | null, mine: Job, theirs: Job): Job {
  const changedHere = (field: keyof Job): boolean => base === null || !same(base[field], mine[field]);
  const ticks = mergeTicks(mine.ticks, theirs.ticks);
  const newest = <T>(
    a: readonly T[],
    b: readonly T[],
    was: readonly T[],
    keyOf: (item: T) => string,
    atOf: (item: T) => string,
  ): T[] => {
    const keysOf = (list: readonly T[]) => new Set(list.map(keyOf));
    const [inMine, inTheirs, inBase] = [keysOf(a), keysOf(b), keysOf(was)];
    const byKey = new Map<string, T>();
    for (const item of [...b, ...a]) {
      const key = keyOf(item);
      // Known to both when they parted, and since removed by one: it stays removed.
      if (inBase.has(key) && !(inMine.has(key) && inTheirs.has(key))) continue;
      const other = byKey.get(key);
      if (other === undefined || atOf(item) >= atOf(other)) byKey.set(key, item);
    }
    return [...byKey.values()].sort((x, y) => atOf(x).localeCompare(atOf(y)));
  };
  const packed = newest(
    mine.packed,
    theirs.packed,
    [],
    ({ layerId }) => layerId,
    ({ at }) => at,
  ).filter(({ layerId, at }) => {
    const tick = tickOf(ticks, layerKey(layerId));
    return tick === null || tick.done || tick.at < at;
  });
  const spans = newest(
    mine.outOfFlow,
    theirs.outOfFlow,
    [],
    ({ from }) => from,
    // A span that has ended is newer than the same one running.
    ({ to, from }) => to ?? from,
  ).sort((a, b) => a.from.localeCompare(b.from));
  return {
    ...theirs,
    ticks,
    packed,
    outOfFlow: spans,
    prepared: newest(
      mine.prepared,
      theirs.prepared,
      base?.prepared ?? [],
      ({ key }) => key,
      ({ at }) => at,
    ),
    parts: changedHere('parts') ? { ...theirs.parts, ...mine.parts } : theirs.parts,
    repackOn: changedHere('repackOn') ? mine.repackOn : theirs.repackOn,
    cut: changedHere('cut') ? mine.cut : theirs.cut,
  };
}
