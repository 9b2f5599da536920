interface Props {
  /** Px on the drawing. */
  readonly x: number;
  readonly y: number;
  /** It does not fit what is expected, and is not learned from. */
  readonly odd: boolean;
}

/** A reading on a chart over time: a ring, or a cross where it is odd. */
export const ReadingMark = ({ x, y, odd }: Props) =>
  odd ? (
    <path d={`M${x - 4} ${y - 4} l8 8 m0 -8 l-8 8`} stroke="var(--stop)" strokeWidth={2} />
  ) : (
    <circle cx={x} cy={y} r={3.5} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.5} />
  );
