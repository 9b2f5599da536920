import { line } from 'd3-shape';
import type { QuantityKind } from '@/core/units/quantity';
import { fromSi } from '@/core/units/unitTable';
import { useWords } from '../fields/UnitsProvider';
import { ChartLane } from './ChartLane';
import type { ChartView } from './chartView';
import type { Reading } from './CourseLane';

interface Props {
  readonly view: ChartView;
  readonly name: string;
  readonly kind: QuantityKind;
  readonly readings: readonly Reading[];
  readonly limit?: { readonly si: number; readonly said: string };
}

/** What a test kit read of one thing, test by test. */
export function TestLane({ view, name, kind, readings, limit }: Props) {
  const words = useWords();
  const { x, from, to, day, dateOf } = view;
  const inUnit = (si: number): number => fromSi(si, words.unit(kind));
  const seen = readings.filter((reading) => reading.day >= from && reading.day <= to);
  const last = seen.filter((reading) => reading.day <= day + 1 / 2).at(-1);
  const path = line<Reading>()
    .x((reading) => x(reading.day))
    .y((reading) => reading.value);
  return (
    <ChartLane
      {...{ view, name }}
      says={
        last === undefined
          ? 'not tested before this day'
          : `${words.show({ kind, si: last.value })} on ${dateOf(last.day)}`
      }
      most={inUnit(Math.max(0, ...seen.map(({ value }) => value)))}
      {...(limit === undefined ? {} : { limit: { value: inUnit(limit.si), said: limit.said } })}
      {...(seen.length === 0 ? { empty: 'no test in these days' } : {})}
    >
      {(y) => (
        <>
          <path
            d={path.y((reading) => y(inUnit(reading.value)))([...seen]) ?? ''}
            fill="none"
            stroke="var(--rule)"
          />
          {seen.map(({ id, day: on, value }) => (
            <circle
              key={id}
              cx={x(on)}
              cy={y(inUnit(value))}
              r={3.5}
              fill="var(--sheet)"
              stroke={limit !== undefined && value > limit.si ? 'var(--stop)' : 'var(--ink)'}
              strokeWidth={1.5}
            />
          ))}
        </>
      )}
    </ChartLane>
  );
}
