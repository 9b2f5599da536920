/** px from a line to its label, and by which the label stands lower than its line so that it is centred on it. */
const LABEL_GAP_PX = 6;
const LABEL_DROP_PX = 4;

interface Props {
  /** Place of a value, px from the top. */
  readonly y: (value: number) => number;
  readonly ticks: readonly number[];
  /** Ends of the plot, px from the left. */
  readonly left: number;
  readonly right: number;
  readonly say: (tick: number) => string;
}

/** Lines across a plot at round values, the one at zero stronger. */
export function GridLines({ y, ticks, left, right }: Omit<Props, 'say'>) {
  return ticks.map((tick) => (
    <path
      key={tick}
      d={`M${left} ${y(tick)} H${right}`}
      stroke={tick === 0 ? 'var(--rule)' : 'var(--hair)'}
    />
  ));
}

/** The axis of values at the left of a plot. */
export function ValueAxis({ say, ...grid }: Props) {
  const { y, ticks, left } = grid;
  return (
    <g>
      <GridLines {...grid} />
      {ticks.map((tick) => (
        <text key={tick} x={left - LABEL_GAP_PX} y={y(tick) + LABEL_DROP_PX} textAnchor="end">
          {say(tick)}
        </text>
      ))}
    </g>
  );
}
