'use client';
import type { CareMonth } from '@/core/care/careMonths';
import type { QuantityKind } from '@/core/units/quantity';
import { useWords } from '../fields/UnitsProvider';
import tables from '../frame/FigureTable.module.css';
import { monthWords } from './monthWords';

/** The charts as a table, month by month. */
export function MonthTable({ months }: { readonly months: readonly CareMonth[] }) {
  const words = useWords();
  const show = (kind: QuantityKind, si: number | null): string =>
    si === null ? '' : words.show({ kind, si });
  return (
    <table className={tables.table}>
      <thead>
        <tr>
          <th scope="col">Month</th>
          <th scope="col">Average measured flow</th>
          <th scope="col">Highest ammonia</th>
          <th scope="col">Highest nitrite</th>
          <th scope="col">Highest nitrate</th>
          <th scope="col">Minutes</th>
          <th scope="col">Cost</th>
        </tr>
      </thead>
      <tbody>
        {months.map((month) => (
          <tr key={month.month}>
            <th scope="row">
              {words.date(`${month.month}-15T12:00:00Z`, { month: 'long', year: 'numeric' })}
            </th>
            <td>{show('flow', month.flow)}</td>
            <td>{show('concentration', month.ammonia)}</td>
            <td>{show('concentration', month.nitrite)}</td>
            <td>{show('nitrate', month.nitrate)}</td>
            <td>{monthWords.minutes(month, words)}</td>
            <td>{monthWords.money(month, words)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
