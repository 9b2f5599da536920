import { MATURE_ROWS, type MediaHome } from '@/core/mature/matureMedia';
import { DAY_MS } from '@/core/units/daysBetween';
import { DAY } from '@/core/units/time';
import type { MaturePage } from '@/server/maturePage';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import tables from '../frame/FigureTable.module.css';
import styles from './MatureSheet.module.css';

interface Props {
  readonly page: MaturePage;
  readonly now: string;
}

/** All media in which bacteria live, where they are and how old, a page at a time. */
export function BacteriaTable({ page: { rows, total, from }, now }: Props) {
  const words = useWords();
  const age = ({ installedOn }: MediaHome): string =>
    installedOn === null
      ? 'not known'
      : words.show({
          kind: 'days',
          si: Math.max(0, Math.floor((Date.parse(now) - Date.parse(installedOn)) / DAY_MS)) * DAY,
        });
  const state = ({ grown, installedOn }: MediaHome): string =>
    installedOn === null
      ? 'assumed mature'
      : grown >= 1
        ? 'mature'
        : `new: ${words.show({ kind: 'share', si: grown })} of its bacteria`;
  return (
    <section aria-label="Where your bacteria live" className={styles.part}>
      <h2 className="title">Where your bacteria live</h2>
      <div className={styles.wide}>
        <table className={tables.table}>
          <thead>
            <tr>
              <th scope="col">Tank</th>
              <th scope="col">Filter</th>
              <th scope="col">Media</th>
              <th scope="col">Volume</th>
              <th scope="col">Age</th>
              <th scope="col">State</th>
              <th scope="col">Enough for (times its tank’s food)</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ tank, load, home }) => (
              <tr key={home.key}>
                <th scope="row">{tank}</th>
                <td>{home.filter}</td>
                <td>{home.medium}</td>
                <td>{words.show({ kind: 'volume', si: home.volume })}</td>
                <td>{age(home)}</td>
                <td>{state(home)}</td>
                <td>{load === null ? 'food not entered' : `${words.number(home.bears / load, 2)}×`}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {total <= rows.length ? null : (
        <p className={styles.pages}>
          {words.number(from + 1)} to {words.number(from + rows.length)} of {words.number(total)}
          {from === 0 ? null : (
            <AppLink href={`/mature?from=${Math.max(0, from - MATURE_ROWS)}`}>Back</AppLink>
          )}
          {from + rows.length >= total ? null : (
            <AppLink href={`/mature?from=${from + MATURE_ROWS}`}>Next</AppLink>
          )}
        </p>
      )}
    </section>
  );
}
