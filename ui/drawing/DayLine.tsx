interface Props {
  /** px from the left, and the ends, px from the top. */
  readonly x: number;
  readonly top: number;
  readonly foot: number;
  /** `now`: the day that is looked at; `planned`: something to come; `past`: something that happened. */
  readonly as: 'now' | 'planned' | 'past';
}

const STYLES = {
  now: { stroke: 'var(--ink)' },
  planned: { stroke: 'var(--ink)', strokeDasharray: '2 3' },
  past: { stroke: 'var(--rule)' },
} as const;

/** A day, down a plot. */
export function DayLine({ x, top, foot, as }: Props) {
  return <path d={`M${x} ${top} V${foot}`} {...STYLES[as]} />;
}
