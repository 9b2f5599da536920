'use client';
import { useWords } from '../fields/UnitsProvider';
import styles from './Stopwatch.module.css';

interface Props {
  /** Of the jug, m³. */
  readonly jug: number;
  /** Of each filling, s. */
  readonly seconds: readonly number[];
  readonly onRemove: (place: number) => void;
}

/** The fillings of a reading: the time of each, and the flow it makes. */
export function Fillings({ jug, seconds, onRemove }: Props) {
  const words = useWords();
  return (
    <ol className={styles.fillings} aria-label="Times">
      {seconds.map((time, place) => (
        <li key={`${place} ${time}`} className={styles.filling}>
          <span className={styles.number}>{place + 1}</span>
          <span className="figure">{words.show({ kind: 'time', si: time }, 1)}</span>
          <span className="figure">{words.show({ kind: 'flow', si: jug / time })}</span>
          <button
            type="button"
            className={styles.remove}
            aria-label={`Delete time ${place + 1}`}
            onClick={() => onRemove(place)}
          >
            Delete
          </button>
        </li>
      ))}
    </ol>
  );
}
