'use client';
import { useWords } from '../fields/Habits';
import { AppLink } from '../frame/AppLink';
import { useMemo } from 'react';
import { FILTER_KINDS } from '@/core/filter/filterKind';
import { evaluatePack } from '@/core/report/evaluatePack';
import { netVolume } from '@/core/tank/netVolume';
import { SERVICE_SHARE } from '@/core/practice/serviceShare';
import { flowState } from '@/core/service/flowState';
import { nextThing } from '@/core/service/nextThing';
import type { HomeFilter } from '@/server/loadHome';
import type { Trouble } from '@/server/trouble';
import { daysAgo } from '../fields/daysAgo';
import { Frame } from '../frame/Frame';
import { mainLinks } from '../frame/mainLinks';
import { TroubleList } from '../troubles/TroubleList';
import { AddFilter } from './AddFilter';
import { FlowChart } from './FlowChart';
import { LeftDrafts } from './LeftDrafts';
import { PackStrip } from './PackStrip';
import styles from './FiltersSheet.module.css';

interface Props {
  readonly filters: readonly HomeFilter[];
  /** Stored documents that cannot be read. */
  readonly troubles: readonly Trouble[];
  readonly now: string;
}

/** Home: which filter needs me, and for what. One row a filter, the most urgent first. */
export function FiltersSheet({ filters, troubles, now }: Props) {
  const words = useWords();
  const rows = useMemo(
    () => filters.map((home) => rowOf(home, now)).sort((a, b) => a.next.urgency - b.next.urgency),
    [filters, now],
  );
  return (
    <Frame
      title="Filters"
      subtitle={
        <span suppressHydrationWarning>
          {words.date(now, { weekday: 'long', day: 'numeric', month: 'long' })}
          {rows.length > 0 ? ` · ${rows.length} ${rows.length === 1 ? 'filter' : 'filters'}` : ''}
        </span>
      }
      links={mainLinks('/')}
      linksLabel="Main"
      shortcuts={[{ keys: 'Tab, Enter', does: 'to a filter, and open it' }]}
    >
      <div className={styles.sheet}>
        <LeftDrafts />
        {troubles.length === 0 ? null : <TroubleList troubles={troubles} />}
        {rows.length === 0 ? (
          <AddFilter />
        ) : (
          <>
            <div className={styles.columns} aria-hidden="true">
              <span>Filter</span>
              <span>Pack, as the water meets it</span>
              <span>Flow, {words.unit('flow').symbol}: measured by jug</span>
              <span>Next</span>
            </div>
            <ol>
              {rows.map((row) => (
                <FilterRow key={row.filter.id} row={row} now={now} />
              ))}
            </ol>
          </>
        )}
      </div>
    </Frame>
  );
}

type Row = ReturnType<typeof rowOf>;

function rowOf({ filter, around, job, layers, log }: HomeFilter, now: string) {
  const flow = flowState(log);
  const report =
    layers.length === 0
      ? null
      : evaluatePack({ ...around, filter, layers, flow: flow.latest?.flow.mean ?? null });
  const next = nextThing({ openJob: job, report, flow, now });
  const { tank } = around;
  return { filter, tank, tankVolume: netVolume(tank.water).value, job, log, flow, layers, report, next };
}

function FilterRow({ row, now }: { row: Row; now: string }) {
  const words = useWords();
  const { filter, tank, flow, report, next, log } = row;
  const stage = row.job?.stage;
  const home = `/filter/${filter.id}/${stage === undefined || stage === 'done' ? 'measure' : stage}`;
  return (
    <li className={styles.row}>
      <div>
        <h2 className={styles.name}>
          <AppLink href={home}>{filter.name}</AppLink>
        </h2>
        <p className="quiet">{FILTER_KINDS[filter.kind].name}</p>
        <p className="quiet">
          {words.show({ kind: 'volume', si: row.tankVolume }, 0)}
          {tank.name === filter.name ? '' : ` · ${tank.name}`}
        </p>
        <FlowFigure row={row} />
      </div>
      <div className={styles.pack}>
        {report === null ? (
          <p className="quiet">not known yet</p>
        ) : (
          <PackStrip filter={filter} layers={row.layers} report={report} />
        )}
      </div>
      <div>
        <FlowChart flow={flow} log={log} now={now} name={filter.name} />
      </div>
      <div>
        <div className={styles.next}>
          <h3 className={styles.nextTitle} data-alarm={next.alarm}>
            {next.title}
          </h3>
          <span className={styles.quick}>
            <AppLink href={`/filter/${filter.id}/flow`}>jug</AppLink> ·{' '}
            <AppLink href={`/filter/${filter.id}/strip`}>strip</AppLink>
          </span>
        </div>
        <p>{words.say(next.why)}</p>
        {report === null ? null : <Warnings report={report} title={words.say(next.why)} />}
      </div>
    </li>
  );
}

/** The largest figure of a row: flow now against clean, or what is missing for it. */
function FlowFigure({ row: { flow } }: { row: Row }) {
  const words = useWords();
  if (flow.latest === null || flow.share === null)
    return (
      <p className={styles.figure}>
        {flow.latest === null ? '–' : words.show({ kind: 'flow', si: flow.latest.flow.mean })}
        <small>{flow.latest === null ? ' flow not measured' : ' clean flow not known'}</small>
      </p>
    );
  const percent = Math.round(flow.share * 100);
  const spread = flow.shareSpread === null ? '' : `, ±${Math.max(1, Math.round(flow.shareSpread * 100))} %`;
  return (
    <>
      <p className={styles.figure} data-low={flow.share < SERVICE_SHARE}>
        <strong>{percent}</strong> <small>% of clean flow</small>
      </p>
      <p className={styles.when} suppressHydrationWarning>
        measured {daysAgo(flow.latest.at)}
        {spread}
      </p>
    </>
  );
}

/** Most lines said in a row; the bench says the rest. */
const MOST_WARNINGS = 2;

function Warnings({ report, title }: { report: NonNullable<Row['report']>; title: string }) {
  const words = useWords();
  const said = report.findings.filter((one) => one.level !== 'note' && words.say(one.title) !== title);
  const more = said.length - MOST_WARNINGS;
  return (
    <ul className={styles.warnings}>
      {said.slice(0, MOST_WARNINGS).map((one) => (
        <li key={`${one.rule} ${one.layers.join()}`} data-level={one.level}>
          {words.say(one.title)}
        </li>
      ))}
      {more > 0 ? <li className="quiet">and {more} more</li> : null}
    </ul>
  );
}
