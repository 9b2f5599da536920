import { jugFlow } from '@/core/hydraulics/jugFlow';
import type { LogEntry } from '@/core/log/logEntry';
import { fromSi, UNITS } from '@/core/units/unitTable';
import { csvText } from '../csvText';
import { OWN_HEADINGS, type LogFieldKey } from './logFields';

type Cells = Partial<Record<LogFieldKey, string>>;

/** The separator of lists within a cell. */
export const LIST_SIGN = '; ';
/** Parts a work from the layer it was done on. */
export const LAYER_SIGN = ' @ ';

/** Digits that keep a figure as it was typed, without the last bits of the sums done with it. */
const DIGITS = 12;
const tidy = (value: number): string => String(Number(value.toPrecision(DIGITS)));
const inUnit = (si: number | null, kind: keyof typeof UNITS): string =>
  si === null ? '' : tidy(fromSi(si, UNITS[kind].metric));

/**
 * The log of a filter as CSV (RFC 4180), a row an entry; figures with a point, moments in UTC, and in cells that a
 * spreadsheet would take for a formula an apostrophe in front.
 */
export function writeLogCsv(entries: readonly LogEntry[]): string {
  const fields = Object.values(OWN_HEADINGS).filter((heading) => heading !== OWN_HEADINGS.time);
  const data = entries.map((entry) => {
    const cells: Cells = { ...cellsOf(entry), date: entry.at, kind: entry.kind, note: entry.note };
    return Object.fromEntries(
      Object.entries(OWN_HEADINGS).map(([key, heading]) => [heading, cells[key as LogFieldKey] ?? '']),
    );
  });
  return csvText(fields, data);
}

function cellsOf(entry: LogEntry): Cells {
  switch (entry.kind) {
    case 'flow':
      return {
        moment: entry.moment,
        jug: inUnit(entry.jugVolume, 'volume'),
        seconds: entry.seconds.map(tidy).join(LIST_SIGN),
        flow: inUnit(jugFlow(entry.jugVolume, entry.seconds).mean, 'flow'),
      };
    case 'test':
      return {
        ammonia: inUnit(entry.ammonia, 'concentration'),
        nitrite: inUnit(entry.nitrite, 'concentration'),
        nitrate: inUnit(entry.nitrate, 'concentration'),
        pH: inUnit(entry.pH, 'plain'),
        scale: entry.scale,
      };
    case 'water change':
      return { share: inUnit(entry.share, 'share'), dechlorinated: entry.dechlorinated ? 'yes' : 'no' };
    case 'addition':
      return { added: entry.what };
    case 'cloudy':
      return { rinsed: entry.rinsed };
    case 'look':
      return { seen: entry.seen.join(LIST_SIGN) };
    case 'level':
      return { headroom: inUnit(entry.headroom, 'gap') };
    case 'service':
      return {
        works: entry.works
          .map(({ layerId, work }) => (layerId === null ? work : `${work}${LAYER_SIGN}${layerId}`))
          .join(LIST_SIGN),
        flowWas: entry.flowWas,
      };
    case 'top-up':
      return { topUp: inUnit(entry.volume, 'volume') };
    case 'change':
      return { changed: entry.what };
    case 'fault':
      return { symptom: entry.symptom, causes: entry.causes.join(LIST_SIGN) };
    case 'snooze':
      return { item: entry.item, until: entry.until };
    case 'repacked':
    case 'note':
      return {};
  }
}
