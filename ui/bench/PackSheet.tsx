'use client';
import type { ReactNode } from 'react';
import type { Filter } from '@/core/filter/filter';
import type { SludgeSlice } from '@/core/dirt/dayState';
import type { PackReport } from '@/core/report/evaluatePack';
import { clockState } from '@/core/job/outOfFlowClock';
import { useWords } from '../fields/UnitsProvider';
import { FlowLineProvider } from '../flow-line/FlowLineContext';
import { FLOW_LINE_KEYS } from '../flow-line/flowLineKeys';
import { FilterLayout } from '../frame/FilterLayout';
import { SaveStatus } from '../frame/SaveStatus';
import type { Saving } from '../frame/saving';
import { UndoButtons } from '../frame/UndoButtons';
import { ClockBar } from '../job/ClockBar';
import type { Shortcut } from '../state/useKeys';
import { scaleName, Vessel, vesselScale } from '../vessel/Vessel';
import { PackingOrderList } from './PackingOrderList';
import styles from './PackSheet.module.css';
import { DRAWING_ID, type PackBench } from './usePackBench';

interface Props {
  readonly filter: Filter;
  readonly bench: PackBench;
  readonly view: 'strip' | 'review' | 'plan';
  /** Documents beside pack, job and settings that this sheet changes. */
  readonly saves?: readonly Saving[];
  /** What the drawing shows, if another day than today. */
  readonly shown?: PackReport;
  readonly sludge?: ReadonlyMap<string, readonly SludgeSlice[]> | null;
  /** The chamber that lies in the hands, and what is said of it under the drawing. */
  readonly inHand?: string;
  readonly underVessel?: ReactNode;
  /** The answer first: across the sheet, under its head. */
  readonly band?: ReactNode;
  /** Above the right column; on a phone before everything else. */
  readonly cautions?: ReactNode;
  readonly centre: ReactNode;
  readonly right: ReactNode;
}

const VESSEL_ROOM = { width: 250, height: 330 };

const AS_FOUND = {
  vessel: 'The filter, as found',
  hands: 'Take out in this order',
} as const;

const WORDS = {
  strip: AS_FOUND,
  review: AS_FOUND,
  plan: { vessel: 'The filter', hands: 'Packing order: put the top of this list in first' },
} as const;

const VIEW_KEYS: Readonly<Record<Props['view'], readonly Shortcut[]>> = {
  strip: FLOW_LINE_KEYS,
  review: [
    { keys: 'Tab', does: 'go to the findings, then to each layer' },
    { keys: 'Enter', does: 'on a finding, show its layer' },
  ],
  plan: [
    ...FLOW_LINE_KEYS,
    { keys: '↑ ↓', does: 'on the day slider or a visit, move by a day' },
    { keys: 'Page Up, Page Down', does: 'on the day slider, move by ten days; on a visit, by a week' },
    { keys: '← →', does: 'on the chart of proposals, move along the line' },
  ],
};

/** The three columns of strip, review and plan: vessel and hands, the work, and what is known of the pack. */
export function PackSheet({
  filter,
  bench,
  view,
  saves = [],
  shown,
  sludge = null,
  inHand,
  underVessel,
  band,
  cautions,
  centre,
  right,
}: Props) {
  const words = useWords();
  const { editing, job } = bench;
  const report = shown ?? bench.report;
  const shared = {
    filter,
    layers: editing.layers,
    report,
    selectedId: bench.selectedId,
    onSelect: bench.select,
  };
  return (
    <FilterLayout
      {...(view === 'review' ? { page: 'Review' as const } : {})}
      filter={filter}
      job={job.doc}
      here={view}
      shortcuts={[...VIEW_KEYS[view], ...editing.shortcuts]}
      status={
        <>
          <SaveStatus saves={[editing.save, job, bench.settings, ...saves]} />
          <UndoButtons editing={editing} />
        </>
      }
    >
      {view === 'plan' && clockState(job.doc.outOfFlow) !== 'running' ? null : <ClockBar job={job} />}
      {band}
      <div className={styles.sheet}>
        <aside className={styles.left} aria-label="Drawing of the filter">
          <div className={styles.head}>
            <h2 className="caption">{WORDS[view].vessel}</h2>
            <span className="caption">{scaleName(words, vesselScale(filter, VESSEL_ROOM))}</span>
          </div>
          <Vessel
            {...shared}
            room={VESSEL_ROOM}
            sludge={sludge}
            {...(inHand === undefined ? {} : { inHand })}
          />
          {underVessel}
          <PackingOrderList {...shared} title={WORDS[view].hands} removal={view !== 'plan'} />
        </aside>
        <div id={DRAWING_ID} className={styles.centre}>
          <FlowLineProvider
            filter={filter}
            report={report}
            editing={editing}
            selectedId={bench.selectedId}
            select={bench.select}
            sludge={sludge}
            ownMedia={bench.ownMedia}
          >
            {centre}
          </FlowLineProvider>
        </div>
        {cautions === undefined ? null : <div className={styles.cautions}>{cautions}</div>}
        <div className={styles.right}>{right}</div>
      </div>
    </FilterLayout>
  );
}
