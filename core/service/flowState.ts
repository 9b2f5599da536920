import { jugFlow, type JugFlow } from '../hydraulics/jugFlow';
import type { FlowEntry, LogEntry } from '../log/logEntry';

/** One timed flow with when and in which moment it was taken. */
export interface FlowReading {
  readonly id: string;
  readonly at: string;
  readonly moment: FlowEntry['moment'];
  readonly jobId: string | null;
  readonly flow: JugFlow;
}

/** Where a filter's flow stands against its clean flow. Flows m³/s. */
export interface FlowState {
  /** All of them, oldest first. */
  readonly readings: readonly FlowReading[];
  /** The newest reading of the pack that is in now; null when it was not timed since it went in. */
  readonly latest: FlowReading | null;
  /** The newest reading of that pack taken while it was clean. */
  readonly clean: FlowReading | null;
  /** Latest over clean; null when either is missing. */
  readonly share: number | null;
  /** One standard deviation of the share, from the spreads of both; null when either was timed once only. */
  readonly shareSpread: number | null;
}

/**
 * Reads the log's flows into one state. The spread of the share is that of a ratio of independent values,
 * √((s₁/m₁)² + (s₂/m₂)²) of the share (GUM, JCGM 100:2008, 5.1.6).
 */
export function flowState(log: readonly LogEntry[]): FlowState {
  const readings = log
    .filter((entry): entry is FlowEntry => entry.kind === 'flow')
    .map(({ id, at, moment, jobId, jugVolume, seconds }) => ({
      id,
      at,
      moment,
      jobId,
      flow: jugFlow(jugVolume, seconds),
    }))
    .sort((a, b) => a.at.localeCompare(b.at));
  const ofThisPack = readings.filter((reading) => isOfPack(reading, lastRepack(log)));
  const latest = ofThisPack.at(-1) ?? null;
  const clean = ofThisPack.filter((reading) => reading.moment === 'clean').at(-1) ?? null;
  if (latest === null || clean === null) return { readings, latest, clean, share: null, shareSpread: null };
  const share = latest.flow.mean / clean.flow.mean;
  const relative = (flow: JugFlow): number | null => (flow.spread === null ? null : flow.spread / flow.mean);
  const [now, then] = [relative(latest.flow), relative(clean.flow)];
  // The clean reading against itself is 1 exactly; its spread says nothing about a change.
  const shareSpread =
    latest === clean || now === null || then === null ? null : share * Math.hypot(now, then);
  return { readings, latest, clean, share, shareSpread };
}

const lastRepack = (log: readonly LogEntry[]): LogEntry | undefined =>
  log
    .filter((entry) => entry.kind === 'repacked')
    .sort((a, b) => a.at.localeCompare(b.at))
    .at(-1);

/** A flow timed after the repack, or as the closing reading of that very job, belongs to the pack that is in now. */
const isOfPack = (reading: FlowReading, repack: LogEntry | undefined): boolean =>
  repack === undefined ||
  reading.at >= repack.at ||
  (reading.moment === 'clean' && repack.jobId !== null && reading.jobId === repack.jobId);
