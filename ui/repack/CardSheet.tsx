'use client';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { datedVisits } from '@/core/care/datedVisits';
import { whyNoForecast } from '@/core/outlook/whyNoForecast';
import type { Filter } from '@/core/filter/filter';
import type { Job } from '@/core/job/job';
import type { Layer } from '@/core/layers/layer';
import { packCard } from '@/core/card/packCard';
import { type Surroundings } from '@/core/report/surroundings';
import type { PackMeasures } from '@/core/report/packMeasures';
import type { LogEntry } from '@/core/log/logEntry';
import { cardText, CHAMBERS_TITLE, VISITS_TITLE } from '@/formats/card/cardText';
import type { OutlookState } from '@/store/outlooks';
import { Swatch } from '../drawing/Swatch';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import { FilterLayout } from '../frame/FilterLayout';
import { OutlookProgress } from '../outlook/OutlookProgress';
import { useOutlook } from '../outlook/useOutlook';
import { Vessel } from '../vessel/Vessel';
import styles from './CardSheet.module.css';

interface Props {
  readonly around: Surroundings;
  readonly filter: Filter;
  readonly job: Job | null;
  /** As the page was drawn. */
  readonly outlook: OutlookState;
  /** The last repack; null: none is on record. */
  readonly made: {
    readonly layers: readonly Layer[];
    /** Of those layers. */
    readonly measures: PackMeasures;
    /** Of the filter, and of its tank’s other filters what concerns the tank. */
    readonly log: readonly LogEntry[];
    readonly card: Omit<Parameters<typeof packCard>[0], 'visits'>;
  } | null;
}

const VESSEL_ROOM = { width: 260, height: 330 };
const LARGE_ROOM = { width: 680, height: 900 };

/** One page for the inside of the cabinet door: the pack as it now is, and when what is due. */
export function CardSheet({ around, filter, job, outlook, made }: Props) {
  return (
    <FilterLayout filter={filter} job={job} here="card">
      {made === null ? (
        <div className={styles.empty}>
          <h2 className="title">No pack card yet</h2>
          <p>
            The card shows your last finished repack. <AppLink href="/">Go to Filters</AppLink> and plan or
            strip this filter; the last step of Pack makes the card.
          </p>
        </div>
      ) : (
        <Card {...{ around, filter, outlook, made }} />
      )}
    </FilterLayout>
  );
}

function Card({
  around,
  filter,
  outlook: first,
  made,
}: Pick<Props, 'around' | 'filter' | 'outlook'> & { readonly made: NonNullable<Props['made']> }) {
  const words = useWords();
  const { layers, log, card, measures } = made;
  const { tank, now } = around;
  const work = useOutlook(filter.id, first);
  const { outlook } = work.state;
  const visits = useMemo(
    () => datedVisits({ filter, tank, layers, outlook, log, now: now ?? card.packedAt }),
    [filter, tank, layers, outlook, log, now, card],
  );
  const built = packCard({ ...card, visits: visits ?? whyNoForecast(true, work.failed) });
  const text = cardText(built, words);
  const href = (query: string): string => `/api/filters/${filter.id}/card?${query}`;
  return (
    <article className={styles.card} aria-label="Pack card">
      <header className={styles.head}>
        <div>
          <h2 className={styles.title}>{text.title}</h2>
          <p>{text.subtitle}</p>
          {text.lines.map((line) => (
            <p key={line} className={styles.line}>
              {line}
            </p>
          ))}
          <h3 className={styles.visits}>{VISITS_TITLE}</h3>
          {text.visits.length === 1 && visits === null ? (
            <p>{text.visits[0]}</p>
          ) : (
            <ul>
              {text.visits.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
          )}
          <OutlookProgress {...work} />
          <p className="quiet">{text.note}</p>
          <h3 className={styles.visits}>{CHAMBERS_TITLE}</h3>
          <ul>
            {text.chambers.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          <p>{text.spares}</p>
        </div>
        <Vessel filter={filter} layers={layers} report={measures} room={VESSEL_ROOM} />
      </header>
      <div className={styles.scroll} tabIndex={0} role="region" aria-label="Layers">
        <table className={styles.table}>
          <thead>
            <tr>
              {text.columns.map((column) => (
                <th key={column} scope="col">
                  {column}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {built.layers.map(({ layerId, medium }, at) => (
              <tr key={layerId}>
                {text.rows[at]?.map((cell, column) => (
                  <td key={text.columns[column]}>
                    {column === 2 ? (
                      <span className={styles.layer}>
                        <Swatch medium={medium} width={30} height={22} />
                        {cell}
                      </span>
                    ) : (
                      cell
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <section aria-label="Cautions" className={styles.cautions}>
        {text.cautions.map((line) => (
          <p key={line}>{line}</p>
        ))}
      </section>
      {/* Prints as a page of its own, to be read from where one kneels. */}
      <div className={styles.large} aria-hidden="true">
        <Vessel filter={filter} layers={layers} report={measures} room={LARGE_ROOM} />
      </div>
      <div className={styles.tools} data-print="no">
        <Button variant="contained" onClick={() => window.print()}>
          Print the card
        </Button>
        <a href={href('paper=a4')} download>
          PDF, A4
        </a>
        <a href={href('paper=letter')} download>
          PDF, Letter
        </a>
        <a href={href('as=markdown')} download>
          Markdown
        </a>
      </div>
    </article>
  );
}
