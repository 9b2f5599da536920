import { SAMPLES } from '../biology/cycleCourse';
import { LIMITS } from '../biology/nitrifiers';
import type { Range } from '../maths/range';
import { nitrogenPerDay } from '../biology/nitrogenPerDay';
import { sentence, type Sentence } from '../units/sentence';
import { DAY } from '../units/time';
import { packCycle, type TankWithFilters } from './tankBiology';

/** For how long a start is followed, days: a usual one ends well before (calibrated). */
const MAX_DAYS = 120;

/** Days until the bacteria of a new tank are enough for its food; null: not within the days simulated. */
export interface NewTankCourse {
  readonly earliest: number | null;
  readonly latest: number | null;
}

/** True where no other filter and no air-driven filter brings bacteria along. */
const isNewTank = ({ tank, others }: TankWithFilters): boolean =>
  tank.airFilters.length === 0 && others.every(({ layers }) => layers.length === 0);

/**
 * The day from which ammonia and nitrite of a bare start stay under their limits, by the range of what is fed. Null where the
 * tank is not new, or nothing is fed.
 */
export function newTankCourse(pack: TankWithFilters): NewTankCourse | null {
  const load = nitrogenPerDay(pack.tank);
  if (!isNewTank(pack) || load.likely <= 0) return null;
  const ends = (['low', 'likely', 'high'] as const).map((end) => dayUnderLimits(pack, load, end));
  const known = ends.filter((day) => day !== null);
  return {
    earliest: known.length === 0 ? null : Math.min(...known),
    latest: known.length < ends.length ? null : Math.max(...known),
  };
}

function dayUnderLimits(pack: TankWithFilters, load: Range, end: keyof Range): number | null {
  const course = packCycle(pack, 'bare', MAX_DAYS, load[end]);
  if (course === null) return null;
  const lastOver = Math.max(
    ...(['ammonia', 'nitrite'] as const).map((key) =>
      course[key].findLastIndex((value) => value > LIMITS[key]),
    ),
  );
  return lastOver === course.ammonia.length - 1 ? null : Math.ceil((lastOver + 1) / SAMPLES);
}

/** What to expect of a new tank, and what to do; null where it is not new. */
export function describeNewTank(pack: TankWithFilters): Sentence | null {
  if (!isNewTank(pack)) return null;
  const course = newTankCourse(pack);
  const limit = { kind: 'concentration', si: LIMITS.ammonia } as const;
  const days = (count: number) => ({ kind: 'days', si: count * DAY }) as const;
  const when =
    course === null
      ? sentence`The daily food is 0, so no bacteria grow yet.`
      : course.earliest === null
        ? sentence`At today’s food, ammonia and nitrite stay over ${limit} (as nitrogen) for more than ${days(MAX_DAYS)}.`
        : course.latest === null
          ? sentence`At today’s food, ammonia and nitrite stay over ${limit} (as nitrogen) for ${days(course.earliest)} or longer.`
          : sentence`At today’s food, ammonia and nitrite are under ${limit} (as nitrogen) after ${String(course.earliest)} to ${days(course.latest)}.`;
  return sentence`${when} Until then feed little, test every few days and add no more animals. Mature media from another tank shortens this.`;
}
