import { useWords } from '../fields/Habits';
import { entrySaid } from '../job/entrySaid';
import { EVENT_LETTERS, type ChartEvent } from './chartEvents';
import type { ChartView } from './chartView';
import styles from './Charts.module.css';

const HEIGHT = 24;
/** Days on either side of the chosen one within which events are read out. */
const NEAR = 2;

interface Props {
  readonly view: ChartView;
  readonly events: readonly (ChartEvent & { readonly day: number })[];
  readonly nameOf: (layerId: string) => string | null;
}

/** What happened, a letter a time, above the lanes; near the chosen day it is said in words. */
export function EventStrip({ view, events, nameOf }: Props) {
  const words = useWords();
  const { x, from, to, day, width, dateOf } = view;
  const seen = events.filter((event) => event.day >= from && event.day <= to);
  const near = seen.filter((event) => Math.abs(event.day - day) <= NEAR);
  const kinds = [...new Set(seen.map(({ kind }) => kind))];
  return (
    <figure className={styles.lane}>
      <figcaption className={styles.caption}>
        <span className={styles.key}>
          What happened:{' '}
          {kinds.length === 0
            ? 'nothing was logged in these days'
            : kinds.map((kind, index) => (
                <span key={kind}>
                  {index === 0 ? '' : ', '}
                  <b>{EVENT_LETTERS[kind].letter}</b> {EVENT_LETTERS[kind].said}
                </span>
              ))}
        </span>
        <strong>
          {near.map((event) => `${dateOf(event.day)}: ${entrySaid(event.entry, words, nameOf)}`).join('; ')}
        </strong>
      </figcaption>
      <svg
        width={width}
        height={HEIGHT}
        aria-hidden="true"
        className={styles.events}
        suppressHydrationWarning
      >
        {seen.map((event) => (
          <text key={event.id} x={x(event.day)} y={16} textAnchor="middle">
            {EVENT_LETTERS[event.kind].letter}
          </text>
        ))}
      </svg>
    </figure>
  );
}
