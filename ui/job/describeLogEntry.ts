import { jugFlow } from '@/core/hydraulics/jugFlow';
import type { FlowMoment, LogEntry } from '@/core/log/logEntry';
import { joined } from '@/core/units/joined';
import type { Words } from '../fields/wordsFor';

/** When a flow was timed. */
export const MOMENT_WORDS: Readonly<Record<FlowMoment, string>> = {
  between: 'between services',
  'before strip': 'before stripping',
  clean: 'just packed',
};

/**
 * An entry of the log in a line, without its note: “Test: ammonia 0.25 mg/L as N”, as the kit counts.
 *
 * @param nameOf the medium of a layer; null: it is not in the filter any more
 */
export function describeLogEntry(
  entry: LogEntry,
  words: Words,
  nameOf: (layerId: string) => string | null,
): string {
  switch (entry.kind) {
    case 'test': {
      const ion = entry.scale === 'ion';
      const parts = [
        entry.ammonia === null
          ? null
          : `ammonia ${words.show({ kind: ion ? 'ammonium' : 'concentration', si: entry.ammonia })} as ${ion ? 'NH₄' : 'N'}`,
        entry.nitrite === null
          ? null
          : `nitrite ${words.show({ kind: ion ? 'nitriteIon' : 'concentration', si: entry.nitrite })} as ${ion ? 'NO₂' : 'N'}`,
        entry.nitrate === null
          ? null
          : `nitrate ${words.show({ kind: ion ? 'nitrate' : 'concentration', si: entry.nitrate })} as ${ion ? 'NO₃' : 'N'}`,
        entry.pH === null ? null : `pH ${words.number(entry.pH)}`,
      ];
      return `Test: ${parts.filter((part) => part !== null).join(', ')}`;
    }
    case 'water change':
      return `Water change: ${words.show({ kind: 'share', si: entry.share })}${entry.dechlorinated ? ', dechlorinated' : ''}`;
    case 'addition':
      return `Added to the water: ${entry.what}`;
    case 'cloudy':
      return `Cloudy water; new media rinsed: ${entry.rinsed}`;
    case 'flow':
      return `Flow: ${words.show({ kind: 'flow', si: jugFlow(entry.jugVolume, entry.seconds).mean })}, ${MOMENT_WORDS[entry.moment]}`;
    case 'repacked':
      return 'Repacked';
    case 'look':
      return `Seen: ${joined(entry.seen)}`;
    case 'level':
      return `Level: ${words.show({ kind: 'gap', si: entry.headroom })} below the rim`;
    case 'service':
      return `Service: ${joined(
        entry.works.map(({ layerId, work }) =>
          layerId === null ? work : `${nameOf(layerId) ?? 'a former layer'} ${work}`,
        ),
      )}${entry.flowWas === 'not known' ? '' : `; flow before the service ${entry.flowWas}`}`;
    case 'top-up':
      return `Topped up: ${words.show({ kind: 'volume', si: entry.volume })}`;
    case 'change':
      return `Changed: ${entry.what}`;
    case 'fault':
      return `Fault: ${entry.symptom}${entry.causes.length === 0 ? '' : `; ${joined(entry.causes)}`}`;
    case 'snooze':
      return `Put off until ${words.date(entry.until, { day: 'numeric', month: 'short' })}`;
    case 'note':
      return 'Note';
  }
}
