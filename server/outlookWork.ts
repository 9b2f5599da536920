import type { OutlookState } from '@/store/outlooks';
import { outlooks } from '@/store/outlooks';
import type { Db } from '@/store/openDatabase';
import { outlookPool, type OutlookPool } from '@/workers/outlookPool';
import { database } from './database';
import { nextOutlook, type Waiting } from './nextOutlook';
import { randomBytes } from 'node:crypto';
import { noteFailure } from './requestLog';
import { outlookInput } from './outlookInput';
import { whenUnlocked } from './whenUnlocked';

/** Milliseconds between a change and the work on it: entries come in one after the other. */
const PAUSE_MS = 800;
/** Milliseconds without a page or a change after which what nobody looks at and nothing is due of is worked out too. */
const IDLE_MS = 3_000;
/** Filters that were looked at last and come first: as many as a keeper has tabs open. */
const LOOKED_AT = 3;
/** Times that a filter is tried whose thread ended without an answer. */
const TRIES = 2;

/** Messages to the open pages. */
export type OutlookNews =
  | { readonly kind: 'progress'; readonly filterId: string; readonly done: number; readonly left: number }
  | { readonly kind: 'ready'; readonly filterId: string; readonly revision: number }
  | { readonly kind: 'failed'; readonly filterId: string };

interface Running {
  readonly db: Db;
  readonly filterId: string;
  readonly revision: number;
  readonly ends: AbortController;
  done: number;
}

interface Work {
  pool: OutlookPool | null;
  readonly running: Map<string, Running>;
  /** Filters of which it failed, with the revision that it failed of. */
  readonly failed: Map<string, number>;
  readonly tries: Map<string, number>;
  /** Filters of which a page was drawn, the last one last. */
  readonly looked: Set<string>;
  readonly listeners: Set<(news: OutlookNews) => void>;
  timer: NodeJS.Timeout | null;
  lastUse: number;
  stopped: boolean;
}

// One for the process: the build may load this module more than once.
const shared = globalThis as { neatLayerOutlooks?: Work };

const work = (): Work =>
  (shared.neatLayerOutlooks ??= {
    pool: null,
    running: new Map(),
    failed: new Map(),
    tries: new Map(),
    looked: new Set(),
    listeners: new Set(),
    timer: null,
    lastUse: 0,
    stopped: true,
  });

const tell = (news: OutlookNews): void => work().listeners.forEach((listener) => listener(news));

/** Begins to work out the outlooks that are old, and goes on for as long as the app runs. */
export function startOutlooks(): void {
  work().stopped = false;
  wakeOutlooks();
}

/** Ends the work and its threads; what was under way is worked out when the app runs again. */
export async function stopOutlooks(): Promise<void> {
  const state = work();
  state.stopped = true;
  if (state.timer !== null) clearTimeout(state.timer);
  state.running.forEach(({ ends }) => ends.abort());
  const { pool } = state;
  state.pool = null;
  await pool?.end();
}

/** Something was changed: what is old is looked for, after a moment. */
export function wakeOutlooks(): void {
  work().lastUse = performance.now();
  schedule(PAUSE_MS);
}

/** The threads that outlooks are worked out on. */
export const outlookThreads = (): OutlookPool => (work().pool ??= outlookPool(process.cwd()));

/** A page of a filter is drawn: it comes first. */
export function lookAtOutlook(filterId: string): void {
  const { looked } = work();
  looked.delete(filterId);
  looked.add(filterId);
  for (const id of [...looked].slice(0, -LOOKED_AT)) looked.delete(id);
  wakeOutlooks();
}

/** Tries once more what failed. */
export function retryOutlook(filterId: string): void {
  work().failed.delete(filterId);
  work().tries.delete(filterId);
  lookAtOutlook(filterId);
}

/** True while the outlook of a filter could not be worked out from what it is made of now. */
export const hasOutlookFailed = (filterId: string, { revision }: Pick<OutlookState, 'revision'>): boolean =>
  work().failed.get(filterId) === revision;

/** Tells what goes on and what comes of it, until the answer is called; begins with what is under way. */
export function onOutlookNews(listener: (news: OutlookNews) => void): () => void {
  const { listeners, running } = work();
  listeners.add(listener);
  const left = Math.max(0, waitingOf(database()).length - 1);
  running.forEach(({ filterId, done }) => listener({ kind: 'progress', filterId, done, left }));
  return () => void listeners.delete(listener);
}

function schedule(after: number): void {
  const state = work();
  if (state.stopped) return;
  if (state.timer !== null) clearTimeout(state.timer);
  state.timer = setTimeout(() => {
    state.timer = null;
    begin();
  }, after);
  // The app may end while it waits.
  state.timer.unref();
}

/** What is old and was not found impossible. */
const waitingOf = (db: Db): readonly Waiting[] =>
  outlooks.stale(db).filter(({ filterId, revision }) => work().failed.get(filterId) !== revision);

function begin(): void {
  const state = work();
  if (state.stopped) return;
  let db: Db;
  let waiting: readonly Waiting[];
  try {
    db = database();
    waiting = waitingOf(db);
  } catch {
    // The database is being replaced; a change wakes it again.
    return;
  }
  const revisions = new Map(waiting.map(({ filterId, revision }) => [filterId, revision]));
  // What is worked out of an older revision is of no use any more.
  for (const { filterId, revision, ends, ...own } of state.running.values())
    if (own.db !== db || revisions.get(filterId) !== revision) ends.abort();
  const { threads } = outlookThreads();
  for (;;) {
    if (state.running.size >= threads) return;
    const isIdle = performance.now() - state.lastUse >= IDLE_MS;
    const open = waiting.filter(({ filterId }) => !state.running.has(filterId));
    if (open.length === 0) return;
    const next = nextOutlook(db, open, [...state.looked].reverse(), isIdle, new Date().toISOString());
    if (next === null) {
      schedule(IDLE_MS);
      return;
    }
    void run(db, next, open.length - 1);
  }
}

async function run(db: Db, { filterId, revision }: Waiting, left: number): Promise<void> {
  const state = work();
  const { pool } = state;
  if (pool === null) return;
  const own: Running = { db, filterId, revision, ends: new AbortController(), done: 0 };
  state.running.set(filterId, own);
  tell({ kind: 'progress', filterId, done: 0, left });
  try {
    const input = outlookInput(db, filterId, new Date().toISOString());
    const outlook = await pool.run(
      input,
      (done) => {
        own.done = done;
        if (!own.ends.signal.aborted) tell({ kind: 'progress', filterId, done, left });
      },
      own.ends.signal,
    );
    if (!own.ends.signal.aborted && db.open) {
      await whenUnlocked(() => outlooks.put(db, filterId, revision, outlook));
      state.tries.delete(filterId);
      tell({ kind: 'ready', filterId, revision });
    }
  } catch (error) {
    if (!own.ends.signal.aborted && db.open) failedOn(own, error);
  } finally {
    if (state.running.get(filterId) === own) state.running.delete(filterId);
    schedule(0);
  }
}

/** A thread that crashed is tried once more; then the filter waits until something changes, or its keeper asks. */
function failedOn({ filterId, revision }: Running, error: unknown): void {
  const state = work();
  const tries = (state.tries.get(filterId) ?? 0) + 1;
  state.tries.set(filterId, tries);
  if (tries < TRIES) return;
  state.tries.delete(filterId);
  state.failed.set(filterId, revision);
  noteFailure(
    { route: `forecast ${filterId}`, outcome: 'failed', ms: 0, errorId: randomBytes(4).toString('hex') },
    error,
  );
  tell({ kind: 'failed', filterId });
}
