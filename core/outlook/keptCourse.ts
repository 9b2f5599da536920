import { COURSE_STEP } from './courseStep';
import type { CourseRange } from './outlook';

/** What is kept of a course by day and its range: every {@link COURSE_STEP}rd day, in so few digits that it is small to keep. */
export const keptCourse = (
  likely: Float64Array,
  { low, high }: { readonly low: Float32Array; readonly high: Float32Array },
): CourseRange => ({ likely: thinned(likely), low: thinned(low), high: thinned(high) });

const thinned = (values: Float64Array | Float32Array): number[] =>
  Array.from(values)
    .filter((_, day) => day % COURSE_STEP === 0)
    .map((value) => Number(value.toPrecision(4)));
