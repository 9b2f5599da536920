import { toldOnce, type Due } from '@/core/care/due';
import { homeRow, type HomeFilter, type HomeRow } from './homeRow';

/** Rows on a page of home: more than most keepers have filters, and under 300 kB of drawings. */
export const HOME_ROWS = 12;
/** Filters named in the list of what is due, and filters whose outlook is told to be old: each page works some of them out. */
const MOST_DUE = 6;
const MOST_STALE = 20;

/** A filter that has something to do, with what it is; soonest first, at least one. */
export interface DueFilter {
  readonly id: string;
  readonly name: string;
  readonly items: readonly [Due, ...Due[]];
}

/** What home shows: one page of rows, the most urgent first, and what is due across all filters. */
export interface HomePage {
  readonly rows: readonly HomeRow[];
  /** Filters that were found, and all there are. */
  readonly found: number;
  readonly all: number;
  /** From 1. */
  readonly page: number;
  readonly pages: number;
  readonly find: string;
  /** Due today or before; where nothing is, the one that comes next. */
  readonly due: {
    readonly now: boolean;
    readonly filters: readonly DueFilter[];
    /** Of all filters, those that are not named among them. */
    readonly count: number;
    readonly minutes: number;
  };
  /** What lies ahead of these is to be worked out anew. */
  readonly stale: readonly { readonly id: string; readonly name: string; readonly revision: number }[];
}

/**
 * Works out a page of home.
 *
 * @param find part of the name of a filter or its tank; '' for all
 * @param page from 1; one that is not there becomes the nearest
 * @param now ISO moment
 */
export function homePage(
  filters: readonly HomeFilter[],
  { find, page }: { readonly find: string; readonly page: number },
  now: string,
): HomePage {
  const rows = filters.map((filter) => homeRow(filter, now)).sort((a, b) => a.next.urgency - b.next.urgency);
  const wanted = find.toLowerCase();
  const found = rows.filter(({ name, tank }) => `${name} ${tank}`.toLowerCase().includes(wanted));
  const pages = Math.max(1, Math.ceil(found.length / HOME_ROWS));
  const shown = Math.min(pages, Math.max(1, page));
  return {
    rows: found.slice((shown - 1) * HOME_ROWS, shown * HOME_ROWS),
    found: found.length,
    all: rows.length,
    page: shown,
    pages,
    find,
    due: dueOf(toldOnce(rows)),
    stale: rows
      .filter(({ outlook }) => !outlook.isFresh)
      .slice(0, MOST_STALE)
      .map(({ id, name, outlook }) => ({ id, name, revision: outlook.revision })),
  };
}

function dueOf(rows: readonly HomeRow[]): HomePage['due'] {
  const today = bySoonest(rows, (due) => due.filter(({ inDays }) => inDays <= 0));
  const listed = today.length > 0 ? today : bySoonest(rows, (due) => due.slice(0, 1)).slice(0, 1);
  return {
    now: today.length > 0,
    filters: listed.slice(0, MOST_DUE),
    count: listed.length,
    minutes: today.flatMap(({ items }) => items).reduce((sum, { minutes }) => sum + (minutes ?? 0), 0),
  };
}

/** Filters that have any of it, the most overdue first. */
const bySoonest = (rows: readonly HomeRow[], pick: (due: readonly Due[]) => readonly Due[]): DueFilter[] =>
  rows
    .flatMap(({ id, name, due }): DueFilter[] => {
      const [first, ...more] = pick(due);
      return first === undefined ? [] : [{ id, name, items: [first, ...more] }];
    })
    .sort((a, b) => a.items[0].inDays - b.items[0].inDays);
