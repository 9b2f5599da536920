import type { Filter } from '../filter/filter';
import { jugFlow } from '../hydraulics/jugFlow';
import type { FlowEntry, LogEntry } from '../log/logEntry';
import type { ServiceWork } from '../log/serviceWorks';
import type { Layer } from '../layers/layer';
import { unknownMedia } from '../layers/unknownMedia';
import { LONGEST_STRETCH } from './predictStretch';
import { daysBetween } from '../units/daysBetween';
import { serviceVisits } from './serviceVisits';
import { tells, type LogSegment } from './stretch';

/** What is on record of one repack. */
export interface RepackRecord {
  readonly jobId: string;
  /** What it put in. */
  readonly packed: readonly Layer[];
  /** Dirt of it when it was taken out again: layers of the next job as found; empty: not looked at yet. */
  readonly foundNext: readonly Layer[];
  /** Impeller or hoses were cleaned before it went in. */
  readonly pumpServiced: boolean;
}

/** Most stretches that are learned from, the newest (calibrated: a fit takes as long as they are). */
const MAX_STRETCHES = 4;
/** Readings of a kind in a stretch that are learned from (calibrated: more say little more, and take long). */
const MAX_READINGS = 40;
/** What a jug is off, as a share, when it was filled once only (calibrated). */
const ONE_FILLING = 0.05;

/**
 * Cuts a log into the lives of packs, oldest first, each with what was seen of it and done to it. A pack whose chambers
 * or media are no longer known is left out, and so is a time before the first repack on record: the pack before it is unknown.
 *
 * @param log of this filter, in any order
 * @param repacks in any order
 * @param now ISO moment
 */
export function logSegments(
  filter: Pick<Filter, 'chambers' | 'spill'>,
  log: readonly LogEntry[],
  repacks: readonly RepackRecord[],
  now: string,
): LogSegment[] {
  const sorted = [...log].sort((a, b) => a.at.localeCompare(b.at));
  const chambers = new Set(filter.chambers.map(({ id }) => id));
  const isKnown = (layer: Layer): boolean => chambers.has(layer.chamber) && unknownMedia(layer).length === 0;
  const begun = sorted.filter((entry) => entry.kind === 'repacked');
  let epoch = -1;
  const stretches = begun.flatMap((entry, index): LogSegment[] => {
    const record = repacks.find(({ jobId }) => jobId === entry.jobId);
    if (record === undefined || !record.packed.every(isKnown)) return [];
    const next = begun[index + 1];
    const stretch = cut(filter, entry, record, next, sorted, now);
    if (epoch < 0 || record.pumpServiced) epoch += 1;
    const epochs = [{ day: 0, epoch }];
    for (const item of sorted) {
      const day = daysBetween(entry.at, item.at);
      if (day > 0 && item.at < (next?.at ?? END_OF_TIME) && renewsPump(item))
        epochs.push({ day, epoch: (epoch += 1) });
    }
    return [{ ...stretch, epochs }];
  });
  return renumbered(stretches.filter((stretch) => tells(stretch) > 0).slice(-MAX_STRETCHES));
}

/** After any moment of a log. */
const END_OF_TIME = '9999';
/** Works after which the pump is another. */
const WORKS_ON_PUMP: ReadonlySet<ServiceWork> = new Set(['impeller cleaned', 'hoses brushed']);

const renewsPump = (entry: LogEntry): boolean =>
  entry.kind === 'service'
    ? entry.works.some(({ work }) => WORKS_ON_PUMP.has(work))
    : entry.kind === 'change' && entry.what === 'hardware';

function cut(
  { spill }: Pick<Filter, 'spill'>,
  repack: LogEntry,
  record: RepackRecord,
  next: LogEntry | undefined,
  log: readonly LogEntry[],
  now: string,
): Omit<LogSegment, 'epochs'> {
  const ids = new Set(record.packed.map(({ id }) => id));
  const dayOf = ({ at }: LogEntry): number => Math.max(0, daysBetween(repack.at, at));
  const within = log.filter(
    (entry) =>
      belongs(entry, repack) &&
      (next === undefined || !belongs(entry, next)) &&
      dayOf(entry) <= LONGEST_STRETCH,
  );
  const services = within.filter((entry) => entry.kind === 'service');
  const end = Math.max(0, daysBetween(repack.at, next?.at ?? now));
  return {
    layers: record.packed,
    visits: serviceVisits(services, ids, repack.at),
    flows: evenly(within.filter((entry): entry is FlowEntry => entry.kind === 'flow')).map((entry) => {
      const { mean, spread } = jugFlow(entry.jugVolume, entry.seconds);
      return {
        id: entry.id,
        day: dayOf(entry),
        flow: mean,
        spread: spread === null ? ONE_FILLING : spread / mean / Math.sqrt(entry.seconds.length),
      };
    }),
    levels: evenly(
      within.flatMap((entry) =>
        // Only what has a rim has a level that can be reckoned.
        entry.kind === 'level' && spill !== null
          ? [{ id: entry.id, day: dayOf(entry), headroom: entry.headroom }]
          : [],
      ),
    ),
    services: services.flatMap((entry) =>
      entry.flowWas === 'not known' ? [] : [{ id: entry.id, day: dayOf(entry), flowWas: entry.flowWas }],
    ),
    seen:
      end > LONGEST_STRETCH
        ? []
        : record.foundNext.flatMap(({ id, dirt }) =>
            dirt === null || !ids.has(id) ? [] : [{ layerId: id, dirt }],
          ),
    end: Math.min(end, LONGEST_STRETCH),
  };
}

/** As many readings as are learned from, evenly over all, the first and the last among them. */
function evenly<T>(readings: readonly T[]): readonly T[] {
  if (readings.length <= MAX_READINGS) return readings;
  const step = (readings.length - 1) / (MAX_READINGS - 1);
  return Array.from({ length: MAX_READINGS }, (_, index) => readings[Math.round(index * step)]!);
}

/** True when an entry is about the pack that a repack put in: after it, or its own clean flow. */
const belongs = (entry: LogEntry, repack: LogEntry): boolean =>
  entry.at >= repack.at ||
  (entry.kind === 'flow' && entry.moment === 'clean' && entry.jobId !== null && entry.jobId === repack.jobId);

/** Epochs counted from 0 within what is left. */
function renumbered(stretches: readonly LogSegment[]): LogSegment[] {
  const known = [...new Set(stretches.flatMap(({ epochs }) => epochs.map(({ epoch }) => epoch)))];
  return stretches.map((stretch) => ({
    ...stretch,
    epochs: stretch.epochs.map(({ day, epoch }) => ({ day, epoch: known.indexOf(epoch) })),
  }));
}
