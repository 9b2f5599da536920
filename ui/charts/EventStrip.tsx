import { useWords } from '../fields/UnitsProvider';
import { describeLogEntry } from '../job/describeLogEntry';
import { besideEachOther } from '../drawing/besideEachOther';
import { EVENT_LETTERS, type ChartEvent } from './chartEvents';
import type { ChartView } from './chartView';
import styles from './Charts.module.css';

/** Letters stand on one line; what has a dot, for there are many of them, lies below. */
const LETTERS_AT = 13;
const DOTS_AT = 26;
const HEIGHT = 30;
/** Least distance of two letters, px. */
const MIN_LETTER_GAP_PX = 12;
/** Days on either side of the chosen one within which events are read out. */
const NEAR_DAYS = 2;

interface Props {
  readonly view: ChartView;
  readonly events: readonly (ChartEvent & { readonly day: number })[];
  readonly nameOf: (layerId: string) => string | null;
}

/** What happened, a letter a time, above the lanes; near the chosen day in words. */
export function EventStrip({ view, events, nameOf }: Props) {
  const words = useWords();
  const { x, from, to, day, width, dateOf } = view;
  const seen = events.filter((event) => event.day >= from && event.day <= to);
  const near = seen.filter((event) => Math.abs(event.day - day) <= NEAR_DAYS);
  const kinds = [...new Set(seen.map(({ kind }) => kind))];
  const lettered = seen.filter(({ kind }) => !isDotted(kind));
  const places = besideEachOther(
    lettered.map((event) => [x(event.day), LETTERS_AT] as const),
    MIN_LETTER_GAP_PX,
    width / 2,
  );
  return (
    <figure className={styles.lane}>
      <figcaption className={styles.caption}>
        <span className={styles.key}>
          What happened:{' '}
          {kinds.length === 0
            ? 'nothing logged in these days'
            : kinds.map((kind, index) => (
                <span key={kind}>
                  {index === 0 ? '' : ', '}
                  <b>{EVENT_LETTERS[kind].letter}</b> {EVENT_LETTERS[kind].said}
                </span>
              ))}
        </span>
        <strong>
          {near
            .map((event) => `${dateOf(event.day)}: ${describeLogEntry(event.entry, words, nameOf)}`)
            .join('; ')}
        </strong>
      </figcaption>
      <svg
        width={width}
        height={HEIGHT}
        aria-hidden="true"
        className={styles.events}
        suppressHydrationWarning
      >
        {lettered.map((event, index) => (
          <text key={event.id} x={places[index]![0]} y={LETTERS_AT} textAnchor="middle">
            {EVENT_LETTERS[event.kind].letter}
          </text>
        ))}
        {seen
          .filter(({ kind }) => isDotted(kind))
          .map((event) => (
            <text key={event.id} x={x(event.day)} y={DOTS_AT} textAnchor="middle">
              {EVENT_LETTERS[event.kind].letter}
            </text>
          ))}
      </svg>
    </figure>
  );
}

const isDotted = (kind: ChartEvent['kind']): boolean => EVENT_LETTERS[kind].letter === '•';
