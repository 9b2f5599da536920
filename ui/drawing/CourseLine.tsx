import { area, line } from 'd3-shape';

/** A point of a course, px. */
interface CoursePoint {
  readonly x: number;
  readonly y: number;
}

interface Props {
  readonly points: readonly CoursePoint[];
  /** What else is drawn with the line: a course beside the one that matters is thin and grey. */
  readonly beside?: boolean;
  /** Id of the shape outside which nothing is drawn. */
  readonly clip?: string;
}

const clipped = (clip: string | undefined) => (clip === undefined ? {} : { clipPath: `url(#${clip})` });

/** A course over the days. */
export function CourseLine({ points, beside = false, clip }: Props) {
  const path = line<CoursePoint>()
    .x((point) => point.x)
    .y((point) => point.y);
  return (
    <path
      d={path([...points]) ?? ''}
      fill="none"
      stroke={beside ? 'var(--rule)' : 'var(--river)'}
      strokeWidth={beside ? 1 : 2}
      {...clipped(clip)}
    />
  );
}

/** A point of a range, px from the top. */
interface RangePoint {
  readonly x: number;
  readonly low: number;
  readonly high: number;
}

/** The likely range of a course, as a band behind it. */
export function RangeBand({
  points,
  clip,
}: {
  readonly points: readonly RangePoint[];
  readonly clip?: string;
}) {
  const band = area<RangePoint>()
    .x((point) => point.x)
    .y0((point) => point.low)
    .y1((point) => point.high);
  return <path d={band([...points]) ?? ''} fill="var(--wash)" {...clipped(clip)} />;
}
