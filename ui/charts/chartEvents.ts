import type { LogEntry } from '@/core/log/logEntry';

/** What happened to a filter or its tank and may explain what the charts show, each with its letter. */
export const EVENT_LETTERS = {
  repacked: { letter: 'R', said: 'repacked' },
  service: { letter: 'S', said: 'service' },
  // So many that a letter each would be a row of letters.
  'water change': { letter: '•', said: 'water change' },
  change: { letter: 'C', said: 'feeding or hardware changed' },
  addition: { letter: 'A', said: 'something added' },
  fault: { letter: 'F', said: 'fault' },
} as const;
type EventKind = keyof typeof EVENT_LETTERS;

/** An event on a day. */
export interface ChartEvent {
  readonly id: string;
  readonly at: string;
  readonly kind: EventKind;
  readonly entry: LogEntry;
}

/** The events of a log, oldest first. */
export const chartEvents = (log: readonly LogEntry[]): ChartEvent[] =>
  log
    .flatMap((entry) =>
      entry.kind in EVENT_LETTERS
        ? [{ id: entry.id, at: entry.at, kind: entry.kind as EventKind, entry }]
        : [],
    )
    .sort((a, b) => a.at.localeCompare(b.at));

/** Kinds of entries that the charts are drawn from. */
export const CHART_KINDS: readonly LogEntry['kind'][] = [
  'flow',
  'test',
  ...(Object.keys(EVENT_LETTERS) as EventKind[]),
];
