import type { NitrifierKey } from './nitrifiers';

/** What the water comes to, four times a day from 0 on; kg N/m³. */
export interface CycleCourse {
  readonly ammonia: Float64Array;
  readonly nitrite: Float64Array;
  readonly nitrate: Float64Array;
  /** The films at the end, by place. */
  readonly films: readonly Readonly<Record<NitrifierKey, number>>[];
}

/** Samples a day in a course. */
export const SAMPLES = 4;
/** Share of a day by which a moment may miss a sample and still be its own: rounding. */
const MOMENT_TOLERANCE = 1e-9;

/** Writes a course while it is integrated. */
export interface CourseRecorder {
  readonly course: Pick<CycleCourse, 'ammonia' | 'nitrite' | 'nitrate'>;
  /** Writes the water of a moment into its sample, again where it has changed in that moment. */
  readonly at: (day: number, values: Float64Array) => void;
  /** Writes the samples within a step, between whose ends values and slopes are known. */
  readonly between: (
    from: number,
    before: Float64Array,
    slopeBefore: Float64Array,
    to: number,
    after: Float64Array,
    slopeAfter: Float64Array,
  ) => void;
}

/** @param days of the course */
export function recordCourse(days: number): CourseRecorder {
  const samples = Math.round(days * SAMPLES) + 1;
  const course = {
    ammonia: new Float64Array(samples),
    nitrite: new Float64Array(samples),
    nitrate: new Float64Array(samples),
  };
  const lists = [course.ammonia, course.nitrite, course.nitrate];
  const note = (sample: number, values: (part: number) => number): void =>
    lists.forEach((list, part) => {
      list[sample] = Math.max(0, values(part));
    });
  let next = 1;
  return {
    course,
    at: (day, values) => {
      const sample = day * SAMPLES;
      if (Number.isInteger(sample) && sample < next) note(sample, (part) => values[part]!);
    },
    between: (from, before, slopeBefore, to, after, slopeAfter) => {
      const length = to - from;
      for (; next < samples && next / SAMPLES <= to + MOMENT_TOLERANCE; next += 1) {
        const t = Math.min(1, (next / SAMPLES - from) / length);
        // Hermite’s cubic between the ends of a step.
        note(next, (part) => {
          const [low, high] = [before[part]!, after[part]!];
          const [slow, fast] = [slopeBefore[part]! * length, slopeAfter[part]! * length];
          const bend = 2 * (low - high) + slow + fast;
          return low + t * (slow + t * (-3 * (low - high) - 2 * slow - fast + t * bend));
        });
      }
    },
  };
}
