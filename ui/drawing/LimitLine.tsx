import styles from './LimitLine.module.css';

/** px by which the words stand above the line. */
const WORDS_ABOVE_PX = 4;

interface Props {
  /** px from the top, and the ends of the plot, px from the left. */
  readonly y: number;
  readonly left: number;
  readonly right: number;
  /** What the limit is; left out: it is said elsewhere. */
  readonly says?: string;
  /** The end at which it is said. */
  readonly at?: 'left' | 'right';
}

/** A value that should not be passed, across a plot. */
export function LimitLine({ y, left, right, says, at = 'right' }: Props) {
  return (
    <g>
      <path d={`M${left} ${y} H${right}`} className={styles.line} />
      {says === undefined ? null : (
        <text
          x={at === 'right' ? right : left + WORDS_ABOVE_PX}
          y={y - WORDS_ABOVE_PX}
          textAnchor={at === 'right' ? 'end' : 'start'}
          className={styles.words}
        >
          {says}
        </text>
      )}
    </g>
  );
}
