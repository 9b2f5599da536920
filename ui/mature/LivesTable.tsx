import Button from '@mui/material/Button';
import { useState } from 'react';
import type { MediaHome, TankMedia } from '@/core/care/matureMedia';
import { SECONDS_A_DAY } from '@/core/dirt/dirtNumbers';
import { DAY_MS } from '@/core/units/daysBetween';
import { useWords } from '../fields/Habits';
import tables from '../frame/FigureTable.module.css';
import styles from './MatureSheet.module.css';

interface Props {
  readonly tanks: readonly TankMedia[];
  readonly now: string;
}

/** Rows that are drawn at first, and more with each press. */
const ROWS = 60;

/** All media in which bacteria live, where they are and how old. */
export function LivesTable({ tanks, now }: Props) {
  const words = useWords();
  const [shown, setShown] = useState(ROWS);
  const rows = tanks.flatMap((tank) => tank.homes.map((home) => ({ tank, home })));
  const age = ({ installedOn }: MediaHome): string =>
    installedOn === null
      ? 'not known'
      : words.show({
          kind: 'days',
          si: Math.max(0, Math.floor((Date.parse(now) - Date.parse(installedOn)) / DAY_MS)) * SECONDS_A_DAY,
        });
  const state = ({ grown, installedOn }: MediaHome): string =>
    installedOn === null
      ? 'counted as mature'
      : grown >= 1
        ? 'mature'
        : `new: ${words.show({ kind: 'share', si: grown })} of its film`;
  return (
    <section aria-label="What lives where" className={styles.part}>
      <h2 className="title">What lives where</h2>
      <div className={styles.wide}>
        <table className={tables.table}>
          <thead>
            <tr>
              <th scope="col">Tank</th>
              <th scope="col">Filter</th>
              <th scope="col">Media</th>
              <th scope="col">Volume</th>
              <th scope="col">In it for</th>
              <th scope="col">State</th>
              <th scope="col">Enough for, of its tank’s food</th>
            </tr>
          </thead>
          <tbody>
            {rows.slice(0, shown).map(({ tank, home }) => (
              <tr key={`${tank.tankId}/${home.key}`}>
                <th scope="row">{tank.tank}</th>
                <td>{home.filter}</td>
                <td>{home.medium}</td>
                <td>{words.show({ kind: 'volume', si: home.volume })}</td>
                <td>{age(home)}</td>
                <td>{state(home)}</td>
                <td>
                  {tank.load === null ? 'food not entered' : `${words.number(home.bears / tank.load, 2)}×`}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {rows.length > shown ? (
        <Button onClick={() => setShown(shown + ROWS)}>
          Show more ({words.number(rows.length - shown)} left)
        </Button>
      ) : null}
    </section>
  );
}
