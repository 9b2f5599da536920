import { awayPlan, isOver, type Away, type AwayFilter } from '@/core/care/awayPlan';
import { dedupeTankItems, type Due } from '@/core/care/due';
import { stockWarnings, type StockWarning } from '@/core/care/stockWarnings';
import type { Shelf } from '@/core/shelf/shelf';
import { homeRow, type HomeFilter, type HomeRow } from './homeRow';
import { sumOf } from '@/core/maths/sum';

/** Rows on a page of home: more than most keepers have filters, and under 300 kB of drawings. */
export const HOME_ROWS = 12;
/** Filters named in the list of what is due, and filters whose outlook is marked as old: each page works some of them out. */
const MAX_DUE = 6;
const MAX_STALE = 20;

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
    /** Ids in the order in which the keeper visits the filters, as far as it was set. */
    readonly order: readonly string[];
  };
  /** What to do before the keeper is away, the most pressing filters first, and of how many; null: nobody goes away. */
  readonly away: { readonly filters: readonly AwayFilter[]; readonly count: number } | null;
  /** What will not be on the shelf when it is wanted, the soonest first, and how many more. */
  readonly stock: { readonly warnings: readonly StockWarning[]; readonly more: number };
  /** The outlooks of these are to be worked out anew. */
  readonly stale: readonly { readonly id: string; readonly name: string; readonly revision: number }[];
}

/** What is asked of home. */
export interface HomeAsked {
  /** Part of the name of a filter or its tank; '' for all. */
  readonly find: string;
  /** From 1; one that is not there becomes the nearest. */
  readonly page: number;
  /** Ids of filters in the order in which the keeper goes through them. */
  readonly order: readonly string[];
  readonly away: Away | null;
  readonly shelf: Shelf;
}

/**
 * Works out a page of home.
 *
 * @param now ISO moment
 */
export function homePage(
  filters: readonly HomeFilter[],
  { find, page, order, away, shelf }: HomeAsked,
  now: string,
): HomePage {
  const rows = filters
    .map((filter) => homeRow(filter, now))
    .sort((a, b) => a.next.urgency - b.next.urgency || soonest(a) - soonest(b));
  const told = dedupeTankItems(rows);
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
    due: dueOf(told, order),
    away: away === null || isOver(away, now) ? null : awayOf(told, filters, away, now),
    stock: stockOf(told, filters, shelf, now),
    stale: rows
      .filter(({ outlook }) => !outlook.isFresh)
      .slice(0, MAX_STALE)
      .map(({ id, name, outlook }) => ({ id, name, revision: outlook.revision })),
  };
}

/** Days until the first thing is due; of equally urgent filters the most overdue comes first. */
const soonest = ({ due }: HomeRow): number => Math.min(999, ...due.map(({ inDays }) => inDays));

/** Things named that will be missing. */
const MAX_STOCK = 3;

function stockOf(
  rows: readonly HomeRow[],
  filters: readonly HomeFilter[],
  shelf: Shelf,
  now: string,
): HomePage['stock'] {
  const rowOf = new Map(rows.map((row) => [row.id, row]));
  const warnings = stockWarnings(
    filters.flatMap(({ filter, layers, outlook }) => {
      const row = rowOf.get(filter.id);
      return row === undefined || row.packIsOut
        ? []
        : [{ filter, layers, ahead: outlook.outlook?.forecast ?? null, due: row.due }];
    }),
    shelf,
    now,
  );
  return {
    warnings: warnings.slice(0, MAX_STOCK),
    more: Math.max(0, warnings.length - MAX_STOCK),
  };
}

/** Filters named in what to do before a time away. */
const MAX_AWAY_FILTERS = 20;

function awayOf(
  rows: readonly HomeRow[],
  filters: readonly HomeFilter[],
  away: Away,
  now: string,
): HomePage['away'] {
  const outlooks = new Map(filters.map(({ filter, outlook }) => [filter.id, outlook.outlook]));
  const plan = awayPlan(
    rows.map(({ id, name, due, packIsOut }) => ({
      ...{ id, name, due, packIsOut },
      outlook: outlooks.get(id) ?? null,
    })),
    away,
    now,
  );
  return { filters: plan.slice(0, MAX_AWAY_FILTERS), count: plan.length };
}

function dueOf(rows: readonly HomeRow[], order: readonly string[]): HomePage['due'] {
  const place = new Map(order.map((id, index) => [id, index]));
  // As the keeper goes through them; those that have no place yet as they are overdue, after all others.
  const today = bySoonest(rows, (due) => due.filter(({ inDays }) => inDays <= 0)).toSorted(
    (a, b) => (place.get(a.id) ?? place.size) - (place.get(b.id) ?? place.size),
  );
  const listed = today.length > 0 ? today : bySoonest(rows, (due) => due.slice(0, 1)).slice(0, 1);
  return {
    order,
    now: today.length > 0,
    filters: listed.slice(0, MAX_DUE),
    count: listed.length,
    minutes: sumOf(
      today.flatMap(({ items }) => items),
      ({ minutes }) => minutes ?? 0,
    ),
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
