import { SWAP_LIMITS } from '@/core/biology/planSwap';
import type { CareMonth } from '@/core/care/careMonths';
import type { NoForecast } from '@/core/outlook/whyNoForecast';
import type { OutlookForecast } from '@/core/outlook/outlook';
import type { LogEntry } from '@/core/log/logEntry';
import type { Layer } from '@/core/layers/layer';
import { mediumOf } from '@/core/layers/mediumOf';
import { daysBetween } from '@/core/units/daysBetween';
import { useWords } from '../fields/UnitsProvider';
import { chartEvents } from './chartEvents';
import type { ChartView } from './chartView';
import { CourseLane, type Reading } from './CourseLane';
import { EventStrip } from './EventStrip';
import { MonthLane, type MonthBar } from './MonthLane';
import { monthWords } from './monthWords';
import { TestLane } from './TestLane';

interface Props {
  readonly view: ChartView;
  /** ISO date from which days are counted. */
  readonly origin: string;
  readonly layers: readonly Layer[];
  readonly log: readonly LogEntry[];
  /** Flows that were timed. */
  readonly flows: readonly Reading[];
  readonly ahead: OutlookForecast | null;
  readonly months: readonly CareMonth[];
  /** Why there is no forecast, where there is none. */
  /** Share of the clean flow at the outlet at which service is due; null where the outlet does not tell. */
  readonly limitShare: number | null;
  readonly why: NoForecast;
}

/** The text in place of a course. */
const NO_COURSE_WORDS: Readonly<Record<NoForecast, string>> = {
  'no pack': 'finish a repack to see a forecast',
  working: 'the forecast is being worked out',
  failed: 'the forecast could not be worked out',
};

/** What happened, and every value of a filter over the same days, one below the other. */
export function ChartLanes({ view, origin, layers, log, flows, ahead, limitShare, months, why }: Props) {
  const words = useWords();
  const dayOf = (at: string): number => daysBetween(origin, at);
  const tests = (key: 'ammonia' | 'nitrite' | 'nitrate'): Reading[] =>
    log
      .flatMap((entry) =>
        entry.kind === 'test' && entry[key] !== null
          ? [{ id: entry.id, day: dayOf(entry.at), value: entry[key] }]
          : [],
      )
      .sort((a, b) => a.day - b.day);
  const bars = (of: (month: CareMonth) => Omit<MonthBar, 'month' | 'from' | 'to'>): MonthBar[] =>
    months.map((month) => ({
      month: month.month,
      from: dayOf(`${month.month}-01`),
      to: dayOf(nextMonth(month.month)),
      ...of(month),
    }));
  const monthSaid = (month: string): string =>
    words.date(`${month}-15T12:00:00Z`, { month: 'long', year: 'numeric' });
  const packed = ahead === null ? 0 : dayOf(ahead.packedAt);
  const clean = ahead?.flow.likely[0] ?? null;
  const flowLimit =
    ahead?.by === 'through' && clean !== null && limitShare !== null
      ? {
          si: clean * limitShare,
          said: `limit ${words.show({ kind: 'share', si: limitShare })} of clean`,
        }
      : null;
  const noForecast = ahead === null ? NO_COURSE_WORDS[why] : 'no forecast of these days';
  const events = chartEvents(log).map((event) => ({ ...event, day: dayOf(event.at) }));
  return (
    <>
      <EventStrip view={view} events={events} nameOf={(layerId) => nameOf(layers, layerId)} />
      <CourseLane
        {...{ view, packed }}
        name={`Flow at the outlet, ${words.unit('flow').symbol}`}
        kind="flow"
        course={ahead?.flow ?? null}
        readings={flows}
        limit={flowLimit}
        empty={noForecast}
      />
      <CourseLane
        {...{ view, packed }}
        name={`Pressure lost in the pack, ${words.unit('gap').symbol} of water`}
        kind="gap"
        course={ahead?.lost ?? null}
        empty={noForecast}
      />
      <CourseLane
        {...{ view, packed }}
        name={`Water through the worst layer, ${words.unit('share').symbol}`}
        kind="share"
        course={ahead?.passes ?? null}
        empty={noForecast}
      />
      {(['ammonia', 'nitrite'] as const).map((key) => (
        <TestLane
          key={key}
          view={view}
          name={`${key === 'ammonia' ? 'Ammonia' : 'Nitrite'}, ${words.unit('concentration').symbol} as nitrogen (N)`}
          kind="concentration"
          readings={tests(key)}
          limit={{
            si: SWAP_LIMITS[key],
            said: `limit ${words.show({ kind: 'concentration', si: SWAP_LIMITS[key] })}`,
          }}
        />
      ))}
      <TestLane
        view={view}
        name={`Nitrate, ${words.unit('nitrate').symbol} as NO₃`}
        kind="nitrate"
        readings={tests('nitrate')}
      />
      <MonthLane
        view={view}
        name="Minutes a month, estimated: filled is done, outlined is planned"
        empty="no visits in these days"
        months={bars((month) => ({
          done: month.done.minutes,
          planned: month.planned.minutes,
          always: 0,
          says: `${monthSaid(month.month)}: ${monthWords.minutes(month, words)}`,
        }))}
      />
      <MonthLane
        view={view}
        name="Cost a month: electricity below, media above, outlined is planned"
        empty="no prices yet: enter them on Shelf and in Settings, and the watts under Measure"
        months={bars((month) => ({
          done: month.done.money,
          planned: month.planned.money,
          always: month.electricity ?? 0,
          says: `${monthSaid(month.month)}: ${monthWords.money(month, words)}`,
        }))}
      />
    </>
  );
}

const nameOf = (layers: readonly Layer[], layerId: string): string | null => {
  const layer = layers.find(({ id }) => id === layerId);
  return layer === undefined ? null : mediumOf(layer).name;
};

/** The first of the month after a month, "2026-12" → "2027-01-01". */
function nextMonth(month: string): string {
  const date = new Date(`${month}-01T00:00:00Z`);
  date.setUTCMonth(date.getUTCMonth() + 1);
  return date.toISOString().slice(0, 10);
}
