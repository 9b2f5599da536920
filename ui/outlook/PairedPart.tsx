'use client';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import type { PairedOutlook } from '@/core/outlook/pairedOutlooks';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import tables from '../frame/FigureTable.module.css';
import { askWorker } from '../time/forecastWorkers';
import { useWorkerAnswer } from '../time/useWorkerAnswer';
import { DAY } from '@/core/units/time';

const WAY_WORDS = {
  'when due': 'only when it is due',
  without: 'without this filter on the tank',
} as const;
const work = (input: ForecastInput) => askWorker('long', (remote) => remote.paired(input));

/** How long this filter stays shut where another on the tank takes the dirt, however often that is cleaned. */
export function PairedPart({ tank, filter, layers, others, learned }: Omit<ForecastInput, 'visits'>) {
  const words = useWords();
  const input = useMemo<ForecastInput>(
    () => ({ tank, filter, layers, others, learned: learned ?? null, visits: [] }),
    [tank, filter, layers, others, learned],
  );
  const { found, failed, retry } = useWorkerAnswer(input, work);
  if (failed)
    return (
      <p role="alert">
        The app could not compare the filters. <Button onClick={retry}>Try again</Button>
      </p>
    );
  if (found === null) return <p className="quiet">Working out a year for each …</p>;
  const paired = found.answer;
  const other = others.find(({ filter: { id } }) => id === paired?.otherId)?.filter;
  if (paired === null || other === undefined)
    return <p>To compare a year of each, enter the media of the other filter under Strip.</p>;
  const days = (value: number): string => words.show({ kind: 'days', si: Math.round(value) * DAY });
  const span = ({ earliest, latest }: PairedOutlook): string =>
    earliest === null
      ? 'more than a year'
      : latest === null
        ? `${days(earliest)} to more than a year`
        : Math.round(earliest) === Math.round(latest)
          ? days(earliest)
          : `${days(earliest)} to ${days(latest)}`;
  return (
    <>
      <table className={tables.table}>
        <thead>
          <tr>
            <th scope="col">{other.name} is cleaned</th>
            <th scope="col">{filter.name} stays closed for</th>
            <th scope="col">Minutes a year, both</th>
          </tr>
        </thead>
        <tbody>
          {paired.outlooks.map((outlook) => (
            <tr key={outlook.way}>
              <th scope="row">
                {typeof outlook.way === 'number' ? `every ${days(outlook.way)}` : WAY_WORDS[outlook.way]}
                {outlook.way === (other.cleanedEvery ?? 'when due') ? ', as now' : ''}
              </th>
              <td>{span(outlook)}</td>
              <td>{words.number(outlook.minutes, 0)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="quiet">
        Likely ranges, starting with a clean pack. Set how often under{' '}
        <AppLink href={`/filter/${other.id}/measure`}>Measure of {other.name}</AppLink>. It is then listed as
        due, and the forecasts take it into account.
      </p>
    </>
  );
}
