import { COURSE_STEP } from '@/core/outlook/courseStep';
import type { CourseRange } from '@/core/outlook/outlook';
import type { QuantityKind } from '@/core/units/quantity';
import { fromSi } from '@/core/units/unitTable';
import { CourseLine, RangeBand } from '../drawing/CourseLine';
import { ReadingMark } from '../drawing/ReadingMark';
import { useWords } from '../fields/UnitsProvider';
import { ChartLane } from './ChartLane';
import type { ChartView } from './chartView';

/** Something that was measured. */
export interface Reading {
  readonly id: string;
  readonly day: number;
  readonly value: number;
  /** It does not fit what was expected. */
  readonly odd?: boolean;
}

interface Props {
  readonly view: ChartView;
  readonly name: string;
  readonly kind: QuantityKind;
  /** What is expected of the pack that is in; null: nothing is. */
  readonly course: CourseRange | null;
  /** Day on which that pack went in. */
  readonly packed: number;
  readonly readings?: readonly Reading[];
  readonly limit?: { readonly si: number; readonly said: string } | null;
  readonly empty: string;
}

/** Days on either side within which a reading is shown beside what is expected. */
const NEAR_DAYS = 10;

/** A value as the forecast has it, with its likely range, and what was measured of it. */
export function CourseLane({ view, name, kind, course, packed, readings = [], limit = null, empty }: Props) {
  const words = useWords();
  const inUnit = (si: number): number => fromSi(si, words.unit(kind));
  const show = (si: number): string => words.show({ kind, si });
  const { x, from, to, day, dateOf } = view;
  const seen = readings.filter((reading) => reading.day >= from && reading.day <= to);
  const points = (course?.likely ?? []).flatMap((likely, place) => {
    const on = packed + place * COURSE_STEP;
    return on >= from - COURSE_STEP && on <= to + COURSE_STEP
      ? [{ on, likely, low: course?.low[place] ?? likely, high: course?.high[place] ?? likely }]
      : [];
  });
  const most = Math.max(0, ...points.map(({ high }) => high), ...seen.map(({ value }) => value));
  const expected = points.find(({ on }) => Math.abs(on - day) <= COURSE_STEP / 2);
  const nearest = seen
    .filter((reading) => Math.abs(reading.day - day) <= NEAR_DAYS)
    .sort((a, b) => Math.abs(a.day - day) - Math.abs(b.day - day))[0];
  const said = [
    expected === undefined
      ? null
      : `expected ${show(expected.likely)}${show(expected.low) === show(expected.high) ? '' : `, likely range ${show(expected.low)} to ${show(expected.high)}`}`,
    nearest === undefined
      ? null
      : `measured ${show(nearest.value)} on ${dateOf(nearest.day)}${nearest.odd === true ? ', does not match' : ''}`,
  ].filter((part) => part !== null);
  return (
    <ChartLane
      {...{ view, name }}
      says={said.length === 0 ? 'no data for this day' : said.join('; ')}
      most={inUnit(most)}
      {...(limit === null ? {} : { limit: { value: inUnit(limit.si), said: limit.said } })}
      {...(points.length === 0 && seen.length === 0 ? { empty } : {})}
    >
      {(y) => (
        <>
          <RangeBand
            points={points.map(({ on, low, high }) => ({
              x: x(on),
              low: y(inUnit(low)),
              high: y(inUnit(high)),
            }))}
            clip="plot"
          />
          <CourseLine
            points={points.map(({ on, likely }) => ({ x: x(on), y: y(inUnit(likely)) }))}
            clip="plot"
          />
          {seen.map(({ id, day: on, value, odd }) => (
            <ReadingMark key={id} x={x(on)} y={y(inUnit(value))} odd={odd === true} />
          ))}
        </>
      )}
    </ChartLane>
  );
}
