import type { ReactNode } from 'react';
import type { HomeRow } from '@/server/homeRow';
import type { Words } from '../fields/wordsFor';
import { FlowChart } from './FlowChart';
import { PackStrip, StripPatterns } from './PackStrip';

/** A row as the browser gets it: what is only drawn comes as a drawing, so that no browser loads what draws it. */
export interface DrawnRow extends Omit<HomeRow, 'pack' | 'repacks' | 'flow'> {
  readonly layers: NonNullable<HomeRow['pack']>['layers'];
  readonly flow: Omit<HomeRow['flow'], 'readings'>;
  readonly strip: ReactNode;
  readonly chart: ReactNode;
}

/** Ids in the page of the patterns of all strips. */
const PATTERNS = 'strips';

/** Draws the rows of Filters, and the patterns that they share. */
export function drawRows(
  rows: readonly HomeRow[],
  now: string,
  words: Words,
): { readonly rows: readonly DrawnRow[]; readonly patterns: ReactNode } {
  return {
    rows: rows.map(({ pack, repacks, flow: { readings, ...flow }, ...row }) => ({
      ...row,
      flow,
      layers: pack?.layers ?? [],
      strip:
        pack === null ? (
          <p className="quiet">Pack not known yet</p>
        ) : (
          <PackStrip {...pack} words={words} patterns={PATTERNS} />
        ),
      chart: (
        <FlowChart flow={{ ...flow, readings }} repacks={repacks} now={now} name={row.name} words={words} />
      ),
    })),
    patterns: (
      // Not `display: none`: nothing would be filled by its patterns then.
      <svg width={0} height={0} aria-hidden="true" style={{ position: 'absolute' }}>
        <StripPatterns prefix={PATTERNS} layers={rows.flatMap(({ pack }) => pack?.layers ?? [])} />
      </svg>
    ),
  };
}
