import { recordCourse, type CycleCourse } from './cycleCourse';
import type { CycleInput } from './cycleInput';
import { cycleSlope } from './cycleSlope';
import { applyCycleEvent, cycleState, filmAt, WATER_PARTS } from './cycleState';
import { integrate, type Tolerance } from './integrate';

/** Nothing, kg/m³ and kg N a day: below it the solution is not followed closely. */
const NO_NITROGEN = 1e-9;
const NO_FILM = 1e-12;
const RELATIVE = 1e-4;

/**
 * Follows ammonia, nitrite, nitrate and the films that make one into the other.
 *
 * @param relative how closely, share of each value
 * @source the equations of {@link cycleSlope}, integrated by {@link integrate}
 */
export function cycle(input: CycleInput, relative = RELATIVE): CycleCourse {
  const { places, days } = input;
  const state = cycleState(input);
  const { values } = state;
  const slope = cycleSlope(state, input.celsius);
  const absolute = new Float64Array(values.length).fill(NO_FILM);
  absolute.fill(NO_NITROGEN, 0, WATER_PARTS);
  const tolerance: Tolerance = { relative, absolute };
  const recorder = recordCourse(days);
  recorder.at(0, values);
  let from = 0;
  let step = 0;
  const run = (to: number): void => {
    if (to <= from) return;
    const begun = from;
    step = integrate(slope, values, to - from, tolerance, step, (before, a, slopeA, after, b, slopeB) =>
      recorder.between(begun + before, a, slopeA, begun + after, b, slopeB),
    );
    from = to;
  };
  for (const event of input.events) {
    if (event.day > days) break;
    run(event.day);
    applyCycleEvent(state, event);
    step = 0;
    // A change shows in the sample of its own moment.
    recorder.at(event.day, values);
  }
  run(days);
  return {
    ...recorder.course,
    films: places.map((_, place) => ({
      ammonia: values[filmAt(place, 0)]!,
      nitrite: values[filmAt(place, 1)]!,
    })),
  };
}
