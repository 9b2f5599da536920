'use client';
import { useState } from 'react';
import { useWords } from '../fields/UnitsProvider';
import { AppLink } from '../frame/AppLink';
import type { Away } from '@/core/care/awayPlan';
import { FILTER_KINDS } from '@/core/filter/filterKindWords';
import { SERVICE_SHARE } from '@/core/practice/serviceShare';
import type { HomePage } from '@/server/homePage';
import type { Trouble } from '@/server/trouble';
import { daysAgo } from '../fields/daysAgo';
import { PageLayout } from '../frame/PageLayout';
import { VerdictLine } from '../frame/VerdictLine';
import { whereItOpens } from '../frame/filterPlaces';
import { mainLinks } from '../frame/mainLinks';
import { TabRow } from '../frame/TabRow';
import { useHasDrafts } from '../state/useHasDrafts';
import { TroubleList } from '../troubles/TroubleList';
import { AddFilter } from './AddFilter';
import type { DrawnRow, drawRows } from './drawRows';
import { QuickLog } from './QuickLog';
import { StockLines } from './StockLines';
import { TodayList } from './TodayList';
import { TryOut } from './TryOut';
import styles from './FiltersSheet.module.css';
import { lazyPart } from '../frame/lazyPart';

// Loaded where there are many filters.
const HomePages = lazyPart(() => import('./HomePages').then((module) => module.HomePages));
// Seldom wanted.
const AwayPart = lazyPart(() => import('./AwayPart').then((module) => module.AwayPart));
const ManyLog = lazyPart(() => import('./ManyLog').then((module) => module.ManyLog));
// Nobody waits for it.
const AheadRefresh = lazyPart(() => import('./AheadRefresh').then((module) => module.AheadRefresh));
// Loaded where there is something to show: it reads whole documents.
const LeftDrafts = lazyPart(() => import('./LeftDrafts').then((module) => module.LeftDrafts));

interface Props {
  readonly home: Omit<HomePage, 'rows'> & ReturnType<typeof drawRows>;
  /** Ids of filters of which the forecast could not be worked out. */
  readonly failed: readonly string[];
  /** Stored documents that cannot be read. */
  readonly troubles: readonly Trouble[];
  /** The next time that the keeper is away; null: none is planned. */
  readonly away: Away | null;
  /** Some of them are made up, to try the app with. */
  readonly tryOut: boolean;
  readonly now: string;
}

/** Home: which filter needs me, and for what. One row a filter, the most urgent first. */
export function FiltersSheet({ home, failed, troubles, away, tryOut, now }: Props) {
  const words = useWords();
  const hasLeft = useHasDrafts();
  /** What is being entered above the rows. */
  const [doing, setDoing] = useState<'away' | 'many' | null>(null);
  return (
    <PageLayout
      title="Filters"
      subtitle={
        <span suppressHydrationWarning>
          {words.date(now, { weekday: 'long', day: 'numeric', month: 'long' })}
          {home.all > 0 ? ` · ${home.all} ${home.all === 1 ? 'filter' : 'filters'}` : ''}
        </span>
      }
      nav={<TabRow label="Main" links={mainLinks('/')} />}
      shortcuts={[{ keys: 'Tab, Enter', does: 'go to a filter and open it' }]}
    >
      <div className={styles.sheet}>
        {hasLeft ? <LeftDrafts /> : null}
        {troubles.length === 0 ? null : <TroubleList troubles={troubles} />}
        {home.all === 0 ? (
          <AddFilter />
        ) : (
          <>
            <TodayList due={home.due} />
            <StockLines stock={home.stock} />
            <p className={styles.going}>
              {home.away === null && doing !== 'away' ? (
                <button type="button" onClick={() => setDoing('away')}>
                  Going away?
                </button>
              ) : null}
              {home.rows.length > 1 && doing !== 'many' ? (
                <button type="button" onClick={() => setDoing('many')}>
                  Log for several filters
                </button>
              ) : null}
              {home.all > home.rows.length ? <AppLink href="/check-all">Check all filters</AppLink> : null}
            </p>
            {home.away !== null || doing === 'away' ? (
              <AwayPart away={away} plan={home.away} onClose={() => setDoing(null)} />
            ) : null}
            {doing === 'many' ? <ManyLog rows={home.rows} onClose={() => setDoing(null)} /> : null}
            <AheadRefresh stale={home.stale} failed={failed} />
            {home.all > home.rows.length || home.find !== '' ? <HomePages home={home} /> : null}
            {home.found === 0 ? <p>No filter or tank has that name.</p> : null}
            <div className={styles.columns} aria-hidden="true">
              <span>Filter and next step</span>
              <span>Pack, in flow order</span>
              <span>Flow now</span>
              <span>Measured flow, {words.unit('flow').symbol}</span>
            </div>
            {home.patterns}
            <ol>
              {home.rows.map((row) => (
                <FilterRow key={row.id} row={row} />
              ))}
            </ol>
            {tryOut ? (
              <p className={styles.tryOut}>
                <span className="quiet">Some of these filters are examples for trying the app.</span>
                <TryOut method="DELETE" />
              </p>
            ) : null}
          </>
        )}
      </div>
    </PageLayout>
  );
}

function FilterRow({ row }: { row: DrawnRow }) {
  const words = useWords();
  const { id, name, next, stage } = row;
  const volume = words.show({ kind: 'volume', si: row.tankVolume }, 0);
  const state = words.say(next.state);
  return (
    <li className={styles.row}>
      <div>
        <div className={styles.head}>
          <h2 className={styles.name}>
            <AppLink href={whereItOpens(id, stage)}>{name}</AppLink>
          </h2>
          <span className="quiet">
            {FILTER_KINDS[row.kind].name} · {volume}
            {row.tank === name ? '' : ` · ${row.tank}`}
          </span>
        </div>
        <VerdictLine level={next.level}>{state}</VerdictLine>
        <div className={styles.todo}>
          {next.todo === null ? null : (
            <AppLink href={`/filter/${id}/${next.todo.place}`} className={styles.do}>
              {next.todo.what}
            </AppLink>
          )}
          {next.todo?.place === 'flow' ? null : (
            <AppLink href={`/filter/${id}/flow`}>Measure the flow</AppLink>
          )}
          <QuickLog filterId={id} name={name} />
          <Warnings findings={row.findings} said={state} />
        </div>
      </div>
      <div className={styles.pack}>
        {row.strip}
        {row.ahead === null ? null : <p className={styles.ahead}>{words.say(row.ahead)}</p>}
      </div>
      <div>
        <FlowFigure row={row} />
      </div>
      <div>{row.chart}</div>
    </li>
  );
}

/** A spread below one percent reads as one: no jug is that exact. */
const MIN_SPREAD = 0.01;

/** The largest figure of a row: flow now against clean, or what is missing for it. */
function FlowFigure({ row: { flow } }: { row: DrawnRow }) {
  const words = useWords();
  if (flow.latest === null || flow.share === null)
    return (
      <p className={styles.figure}>
        {flow.latest === null ? '–' : words.show({ kind: 'flow', si: flow.latest.mean })}
        <small>{flow.latest === null ? ' not measured' : ' clean flow not known'}</small>
      </p>
    );
  const spread =
    flow.shareSpread === null
      ? ''
      : `, ±${words.show({ kind: 'share', si: Math.max(MIN_SPREAD, flow.shareSpread) })}`;
  return (
    <>
      <p className={styles.figure} data-low={flow.share < SERVICE_SHARE}>
        <strong>{words.number(flow.share * 100, 0)}</strong> <small>% of clean</small>
      </p>
      <p className={styles.when} suppressHydrationWarning>
        {daysAgo(flow.latest.at)}
        {spread}
      </p>
    </>
  );
}

/** How much else was found beside what the state says already, as a count that opens into a list. */
function Warnings({ findings, said: state }: { findings: DrawnRow['findings']; said: string }) {
  const words = useWords();
  const rest = findings.filter((finding) => !state.startsWith(words.say(finding.title)));
  const urgent = rest.filter(({ level }) => level === 'urgent').length;
  const check = rest.length - urgent;
  if (rest.length === 0) return null;
  return (
    <details className={styles.warnings}>
      <summary data-level={urgent > 0 ? 'urgent' : 'check'}>
        {[...(urgent > 0 ? [`${urgent} urgent`] : []), ...(check > 0 ? [`${check} to check`] : [])].join(
          ', ',
        )}
      </summary>
      <ul>
        {rest.map((finding) => (
          <li key={finding.key} data-level={finding.level}>
            {words.say(finding.title)}
          </li>
        ))}
      </ul>
    </details>
  );
}
