import { describe, expect, it } from 'vitest';
import { recordCourse } from './cycleCourse';

const values = (x: number): Float64Array => Float64Array.of(x ** 3, 2 * x, 5);
const slopes = (x: number): Float64Array => Float64Array.of(3 * x ** 2, 2, 0);

describe('recordCourse', () => {
  it('draws a cubic exactly between the ends of a step, four times a day', () => {
    const recorder = recordCourse(2);
    recorder.at(0, values(0));
    recorder.between(0, values(0), slopes(0), 1.3, values(1.3), slopes(1.3));
    recorder.between(1.3, values(1.3), slopes(1.3), 2, values(2), slopes(2));
    const days = Array.from({ length: 9 }, (_, sample) => sample / 4);
    days.forEach((day, sample) => expect(recorder.course.ammonia[sample]).toBeCloseTo(day ** 3, 9));
    for (const nitrate of recorder.course.nitrate) expect(nitrate).toBeCloseTo(5, 9);
  });

  it('shows a change in the sample of its own moment, and never less than nothing', () => {
    const recorder = recordCourse(1);
    recorder.at(0, Float64Array.of(1, 1, 1));
    recorder.between(
      0,
      Float64Array.of(1, 1, 1),
      new Float64Array(3),
      0.5,
      Float64Array.of(1, 1, 1),
      new Float64Array(3),
    );
    recorder.at(0.5, Float64Array.of(-1e-9, 3, 1));
    expect([recorder.course.ammonia[2], recorder.course.nitrite[2]]).toEqual([0, 3]);
    // Between two samples, or where the course has not come to yet, nothing is written.
    recorder.at(0.3, Float64Array.of(9, 9, 9));
    recorder.at(0.75, Float64Array.of(9, 9, 9));
    expect([...recorder.course.nitrite]).toEqual([1, 1, 3, 0, 0]);
  });
});
