'use client';
import type { EnsembleRange } from '@/core/dirt/ensembleRange';
import { type Forecast, NOTICEABLE_FLOW_SHARE } from '@/core/dirt/forecast';
import { USUAL_DIRT } from '@/core/dirt/dirtNumbers';
import type { PackReport } from '@/core/report/evaluatePack';
import type { ServiceHelp } from '@/core/service/serviceHelps';
import { Quantity } from '../fields/Quantity';
import { useWords } from '../fields/UnitsProvider';
import improvement from '../readings/Improvement.module.css';
import styles from '../readings/ReadingRows.module.css';
import type { Words } from '../fields/wordsFor';
import { daysIn } from './serviceWords';
import { DAY } from '@/core/units/time';

interface Props {
  readonly forecast: Forecast;
  /** Of the pack that the plan is compared with. */
  readonly against: Forecast | null;
  readonly range: EnsembleRange | null;
  readonly report: PackReport;
  /** Visits that the forecast counts on. */
  readonly visits: number;
  /** Readings of this filter that the forecast was learned from. */
  readonly learnedFrom: number;
  readonly helps: readonly ServiceHelp[];
  /** They are of the pack as it was a moment ago, and not to be pressed. */
  readonly stale: boolean;
  readonly onHelp: (help: ServiceHelp) => void;
}

/** What time does to the pack: when it wants service and what clogs first, where the silt goes, and whether it spills. */
export function ForecastRows({
  forecast,
  against,
  range,
  report,
  visits,
  learnedFrom,
  helps,
  stale,
  onHelp,
}: Props) {
  const words = useWords();
  const number = (layerId: string | null): number | undefined =>
    report.layers.find((layer) => layer.layerId === layerId)?.flowNumber;
  const first = number(forecast.firstToClog);
  const service = (item: Forecast): string =>
    item.serviceDay === null ? 'none' : daysIn(words, item.serviceDay);
  const sludge = (candidate: Forecast) => ({
    kind: 'sludge' as const,
    si: candidate.siltPerMonth / USUAL_DIRT.sludgeDensity,
  });
  return (
    <>
      <div className={styles.row}>
        <dt className={styles.label}>Next service</dt>
        <dd className={styles.value} data-testid="reading-service">
          {forecast.serviceDay === null ? (
            'not within a year'
          ) : (
            <Quantity value={{ kind: 'days', si: forecast.serviceDay * DAY }} />
          )}
        </dd>
        <dd className={styles.then}>
          {against === null ? null : (
            <>
              <span className="unseen">before: </span>
              {service(against)}
            </>
          )}
        </dd>
        <dd className={styles.word}>
          {serviceWord(words, forecast, first, range)}
          {visits === 0 ? '' : ', with the visits planned'}
          {learnedFrom === 0 ? '' : `; learned from ${learnedFrom} readings`}
          {helps.map((help) => (
            <span key={help.key} className={improvement.line} data-stale={stale}>
              <button
                type="button"
                className={improvement.make}
                disabled={stale}
                onClick={() => onHelp(help)}
              >
                {help.label}:{' '}
                {help.serviceDay === null
                  ? 'no service within a year'
                  : `about ${daysIn(words, help.serviceDay)}`}
                , silt {words.show({ kind: 'sludge', si: help.siltPerMonth / USUAL_DIRT.sludgeDensity }, 1)}
              </button>
            </span>
          ))}
        </dd>
      </div>
      {forecast.spongeDay === null ? null : (
        <div className={styles.row}>
          <dt className={styles.label}>Squeeze the intake sponge</dt>
          <dd className={styles.value} data-testid="reading-sponge">
            every <Quantity value={{ kind: 'days', si: forecast.spongeDay * DAY }} />
          </dd>
          <dd className={styles.word}>check it every week; no need to open the filter</dd>
        </div>
      )}
      <div className={styles.row}>
        <dt className={styles.label}>Silt caught by biological media, a month</dt>
        <dd className={styles.value} data-testid="reading-silt">
          <Quantity value={sludge(forecast)} digits={1} />
        </dd>
        <dd className={styles.then}>
          {against === null ? null : (
            <>
              <span className="unseen">before: </span>
              {words.show(sludge(against), 1)}
            </>
          )}
        </dd>
        <dd className={styles.word}>
          average over three months; as it rots it releases{' '}
          {words.show({ kind: 'milligram', si: forecast.nitrogenPerDay })} of nitrogen a day
        </dd>
      </div>
      {report.water.level === null ? null : (
        <div className={styles.row} data-stop={forecast.spillDay !== null}>
          <dt className={styles.label}>Overflows if not cleaned</dt>
          <dd className={styles.value} data-testid="reading-spill">
            {forecast.spillDay === null ? 'not within a year' : `day ${words.number(forecast.spillDay, 0)}`}
          </dd>
          <dd className={styles.word}>{spillWord(forecast, (si) => words.show({ kind: 'share', si }))}</dd>
        </div>
      )}
    </>
  );
}

function serviceWord(
  words: Words,
  forecast: Forecast,
  first: number | undefined,
  range: EnsembleRange | null,
): string {
  const between =
    range === null || range.earliest === null
      ? ''
      : range.latest === null
        ? `; day ${words.number(range.earliest, 0)} or later`
        : `; between day ${words.number(range.earliest, 0)} and day ${words.number(range.latest, 0)}`;
  if (first === undefined) return `nothing clogs${between}`;
  if (forecast.course.by === 'kept')
    return `the mechanical layers will be full and let dirt through${between}`;
  if (forecast.course.by === 'sponge') return `the sponge is brown${between}`;
  const layer = `layer ${first} clogs first`;
  return forecast.course.by === 'headroom'
    ? `${layer}, and the water comes close to the rim${between}`
    : `${layer}${between}`;
}

function spillWord({ spillDay, outletAtSpill }: Forecast, share: (si: number) => string): string {
  if (spillDay === null || outletAtSpill === null) return '';
  return outletAtSpill > NOTICEABLE_FLOW_SHARE
    ? `you may not notice beforehand: the flow is still ${share(outletAtSpill)} of clean`
    : `you would notice beforehand: the flow is down to ${share(outletAtSpill)} of clean`;
}
