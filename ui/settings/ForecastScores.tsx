'use client';
import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { describeScore } from '@/core/outlook/describeForecastChecks';
import { scoreOf, type ForecastCheck } from '@/core/outlook/forecastCheck';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import tables from '../frame/FigureTable.module.css';
import { readForecastChecks } from '../outlook/readForecastChecks';

export interface NamedFilter {
  readonly id: string;
  readonly name: string;
}

/** How the forecasts of all filters turned out: one filter is asked after the other. */
export function ForecastScores({ filters }: { readonly filters: readonly NamedFilter[] }) {
  const words = useWords();
  /** By filter; null: it gave no answer. */
  const [read, setRead] = useState<readonly (readonly ForecastCheck[] | null)[]>([]);
  const next = filters[read.length];
  useEffect(() => {
    if (next === undefined) return undefined;
    const ends = new AbortController();
    void readForecastChecks(next.id, ends.signal).then((found) => {
      if (!ends.signal.aborted) setRead((before) => [...before, found]);
    });
    return () => ends.abort();
  }, [next]);
  if (filters.length === 0) return <p>There are no filters yet.</p>;
  return (
    <>
      {next === undefined ? null : (
        <p role="status">
          Filter {read.length + 1} of {filters.length}: working out what was forecast.
        </p>
      )}
      {next === undefined && read.includes(null) ? (
        <p role="alert">
          Some filters gave no answer. Nothing was changed.{' '}
          <Button onClick={() => setRead(read.slice(0, read.indexOf(null)))}>Try again</Button>
        </p>
      ) : null}
      {next === undefined ? <p>{words.say(describeScore(read.flatMap((checks) => checks ?? [])))}</p> : null}
      <table className={tables.table}>
        <thead>
          <tr>
            <th scope="col">Filter</th>
            <th scope="col">Predictions</th>
            <th scope="col">Within the range</th>
            <th scope="col">Service sooner</th>
            <th scope="col">Service later</th>
          </tr>
        </thead>
        <tbody>
          {read.map((checks, place) => {
            const { id, name } = filters[place]!;
            const all = scoreOf(checks ?? []);
            const service = scoreOf((checks ?? []).filter(({ what }) => what === 'service'));
            return (
              <tr key={id}>
                <th scope="row">
                  <AppLink href={`/filter/${id}/care`}>{name}</AppLink>
                </th>
                {all.told === 0 ? (
                  <td colSpan={4}>{checks === null ? 'no answer' : 'nothing to compare yet'}</td>
                ) : (
                  [all.told, all.within, service.below, service.above].map((count, column) => (
                    <td key={column}>{count}</td>
                  ))
                )}
              </tr>
            );
          })}
        </tbody>
      </table>
    </>
  );
}
