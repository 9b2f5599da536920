'use client';
import { forecastInput } from '@/core/dirt/forecastInput';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { USUAL_DIRT } from '@/core/dirt/dirtNumbers';
import type { Forecast } from '@/core/dirt/forecast';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import type { Filter } from '@/core/filter/filter';
import { type Surroundings } from '@/core/report/surroundings';
import { evaluatePack, type PackReport } from '@/core/report/evaluatePack';
import type { Pack } from '@/core/pack/pack';
import { packReadings } from '@/core/report/packReadings';
import { useWords } from '../fields/UnitsProvider';
import { PackStrip } from '../filters/PackStrip';
import { daysIn } from '../time/serviceWords';
import { usePackForecasts } from '../time/usePackForecasts';
import styles from './Compare.module.css';

interface Props {
  readonly filter: Filter;
  readonly around: Surroundings;
  /** As found, the plan, the alternatives. */
  readonly packs: readonly Pack[];
}

/** The pack as found, the plan and its alternatives in one picture: what differs first, what is the same below. */
export function Compare({ filter, around, packs }: Props) {
  const words = useWords();
  const columns = useMemo(
    () =>
      packs.map((pack) => ({
        pack,
        report: evaluatePack({ ...around, filter, layers: pack.layers, flow: null }),
      })),
    [packs, around, filter],
  );
  const inputs = useMemo<ForecastInput[]>(
    () => packs.map(({ layers, visits }) => forecastInput(around, filter, layers, visits)),
    [packs, around, filter],
  );
  const ahead = usePackForecasts(inputs);
  const reports = columns.map(({ report }) => report);
  const [first] = reports;
  if (first === undefined) return null;
  const rows = packReadings(first).map(({ key, label }) => {
    const values = reports.map((report) => {
      const value = packReadings(report).find((reading) => reading.key === key)?.value ?? null;
      return value === null ? 'none' : words.show(value);
    });
    // Figures differ when they read differently; the rest is rounding.
    return { key: key, label, values, differs: new Set(values).size > 1 };
  });
  const overTime = (key: string, label: string, of: (forecast: Forecast) => string) => {
    const values = packs.map((_, index) => {
      if (ahead.found === null || ahead.stale) return ahead.failed ? 'not worked out' : '…';
      const forecast = ahead.found.answer[index] ?? null;
      return forecast === null ? 'food not known' : of(forecast);
    });
    return { key, label, values, differs: new Set(values).size > 1 };
  };
  const all = [
    overTime('service', 'Next service', ({ serviceDay }) =>
      serviceDay === null ? 'not within a year' : `about ${daysIn(words, serviceDay)}`,
    ),
    overTime('silt', 'Silt caught by biological media, a month', ({ siltPerMonth }) =>
      words.show({ kind: 'sludge', si: siltPerMonth / USUAL_DIRT.sludgeDensity }, 1),
    ),
    overTime('fines then', 'Fine dirt in the water when service is due', ({ clear }) =>
      words.show({ kind: 'concentration', si: clear.fines }),
    ),
    ...rows,
  ];
  const faults = (report: PackReport, level: 'urgent' | 'check'): number =>
    report.findings.filter((finding) => finding.level === level).length;
  return (
    <div className={styles.compare}>
      {ahead.failed ? (
        <p role="alert">
          The yearly figures could not be worked out. <Button onClick={ahead.retry}>Try again</Button>
        </p>
      ) : null}
      <table className={styles.table}>
        <caption className="unseen">Packs side by side</caption>
        <thead>
          <tr>
            <td />
            {columns.map(({ pack, report }) => (
              <th key={pack.id} scope="col">
                {pack.name}
                {report.layers.length === 0 ? (
                  <p className="quiet">empty</p>
                ) : (
                  <div className={styles.strip}>
                    <PackStrip
                      words={words}
                      chambers={filter.chambers.length}
                      layers={pack.layers}
                      report={{ layers: report.layers, thickness: report.totals.thickness }}
                    />
                  </div>
                )}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <tr
            data-differs={
              new Set(reports.map((report) => `${faults(report, 'urgent')} ${faults(report, 'check')}`))
                .size > 1
            }
          >
            <th scope="row">Urgent, check</th>
            {columns.map(({ pack, report }) => (
              <td key={pack.id} data-urgent={faults(report, 'urgent') > 0}>
                {faults(report, 'urgent')}, {faults(report, 'check')}
              </td>
            ))}
          </tr>
          {[...all.filter((row) => row.differs), ...all.filter((row) => !row.differs)].map((row) => (
            <tr key={row.key} data-differs={row.differs}>
              <th scope="row">{row.label}</th>
              {row.values.map((value, place) => (
                <td key={columns[place]?.pack.id}>{value}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
