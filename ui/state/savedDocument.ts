'use client';
import type { Stored } from '@/store/documentTable';
import { dropDraft, findDraft, keepDraft } from './drafts';
import { send } from './send';

/** Milliseconds after the last change before it is sent. */
const PAUSE = 350;
/** Milliseconds between tries while the app does not answer. */
const RETRY = 2500;

export type SaveState =
  | { readonly kind: 'saved'; readonly at: string }
  | { readonly kind: 'saving' }
  | { readonly kind: 'unreachable' }
  | { readonly kind: 'refused'; readonly faults: readonly string[] }
  | { readonly kind: 'conflict' };

/** What a view sees of a document at one moment. */
export interface Snapshot<T> {
  readonly doc: T;
  readonly state: SaveState;
}

/**
 * A document that saves itself. Changes show at once, are kept as a draft in the browser, and are sent after a short
 * pause; a save that meets a newer version stops and asks; one that gets no answer is tried again.
 *
 * It lives as long as the tab: a sheet that is left for another goes on saving, and the next sheet takes up what was
 * typed here even where the server rendered it before the save arrived.
 */
export class SavedDocument<T extends { readonly id: string }> {
  private snapshot: Snapshot<T>;
  private version: number;
  private changes = 0;
  private savedChanges = 0;
  private theirs: Stored<T> | null = null;
  private running: Promise<void> | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private readonly listeners = new Set<() => void>();

  constructor(
    private readonly url: string,
    stored: Stored<T>,
  ) {
    this.snapshot = { doc: stored.doc, state: { kind: 'saved', at: stored.updatedAt } };
    this.version = stored.version;
  }

  readonly get = (): Snapshot<T> => this.snapshot;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly versionNow = (): number => this.version;

  /** Takes over what the server has, unless this tab knows it newer or has changes of its own. */
  readonly offer = (stored: Stored<T>): void => {
    if (!this.isSettled() || stored.version <= this.version) return;
    this.take(stored);
    this.tellAll();
  };

  /** The same while a page is being drawn, when nothing else may be drawn anew. */
  readonly offerQuietly = (stored: Stored<T>): void => {
    if (this.isSettled() && stored.version > this.version) this.take(stored);
  };

  readonly hasUnsaved = (): boolean => this.savedChanges < this.changes;

  /** Takes up a draft left by a tab that closed before it could save; asks where the stored version has moved on. */
  readonly takeUpDraft = (): void => {
    const draft = this.isSettled() ? findDraft(this.url) : null;
    if (draft === null) return;
    const mine = draft.doc as T;
    if (draft.version === this.version) this.change(() => mine);
    else if (JSON.stringify(mine) === JSON.stringify(this.snapshot.doc)) dropDraft(this.url);
    else {
      const { doc, state } = this.snapshot;
      this.theirs = { doc, version: this.version, updatedAt: state.kind === 'saved' ? state.at : '' };
      this.changes += 1;
      this.show({ doc: mine, state: { kind: 'conflict' } });
    }
  };

  readonly change = (update: (doc: T) => T): void => {
    const next = update(this.snapshot.doc);
    if (next === this.snapshot.doc) return;
    this.changes += 1;
    keepDraft(this.url, { version: this.version, doc: next });
    if (this.theirs !== null) {
      this.show({ ...this.snapshot, doc: next });
      return;
    }
    this.show({ doc: next, state: { kind: 'saving' } });
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.saveOnce(), PAUSE);
  };

  /** Resolves once nothing waits to be saved; true when all of it was. */
  readonly flush = async (): Promise<boolean> => {
    await this.saveOnce();
    // A save that was under way may have ended just before the newest change.
    if (this.savedChanges < this.changes) await this.saveOnce();
    return this.savedChanges === this.changes;
  };

  /** Sends what waits while the page goes away. */
  readonly leave = (): void => void this.save(true);

  readonly saveNow = (): void => void this.saveOnce();

  /** After a conflict: drops the own changes. */
  readonly takeTheirs = (): void => {
    if (this.theirs === null) return;
    this.take(this.theirs);
    dropDraft(this.url);
    this.tellAll();
  };

  /** After a conflict: saves the own changes over the others’. */
  readonly keepMine = (): void => {
    if (this.theirs === null) return;
    this.version = this.theirs.version;
    this.theirs = null;
    void this.saveOnce();
  };

  private isSettled(): boolean {
    return this.savedChanges === this.changes && this.theirs === null;
  }

  private show(snapshot: Snapshot<T>): void {
    this.snapshot = snapshot;
    this.tellAll();
  }

  private tellAll(): void {
    this.listeners.forEach((listener) => listener());
  }

  private tell(state: SaveState): void {
    this.show({ ...this.snapshot, state });
  }

  private take(stored: Stored<T>): void {
    this.version = stored.version;
    this.savedChanges = this.changes;
    this.theirs = null;
    this.snapshot = { doc: stored.doc, state: { kind: 'saved', at: stored.updatedAt } };
  }

  private saveOnce(): Promise<void> {
    this.running ??= this.save().finally(() => {
      this.running = null;
    });
    return this.running;
  }

  private async save(keepalive = false): Promise<void> {
    clearTimeout(this.timer);
    while (this.savedChanges < this.changes && this.theirs === null) {
      const sent = this.changes;
      this.tell({ kind: 'saving' });
      const body = { version: this.version, doc: this.snapshot.doc };
      const outcome = await send<Stored<T>>('PUT', this.url, body, keepalive);
      if (outcome.kind === 'saved') {
        this.version = outcome.value.version;
        this.savedChanges = sent;
        if (this.changes === sent) {
          dropDraft(this.url);
          this.tell({ kind: 'saved', at: outcome.value.updatedAt });
        } else keepDraft(this.url, { version: this.version, doc: this.snapshot.doc });
        continue;
      }
      if (outcome.kind === 'conflict') {
        this.theirs = outcome.current;
        this.tell({ kind: 'conflict' });
      } else if (outcome.kind === 'refused') this.tell({ kind: 'refused', faults: outcome.faults });
      else {
        this.tell({ kind: 'unreachable' });
        this.timer = setTimeout(() => void this.saveOnce(), RETRY);
      }
      return;
    }
  }
}

const open = new Map<string, SavedDocument<{ readonly id: string }>>();

/** The document of an address: the one this tab has already, brought up to what the server just sent, or a new one. */
export function openDocument<T extends { readonly id: string }>(
  url: string,
  stored: Stored<T>,
): SavedDocument<T> {
  // On the server every page is rendered for itself.
  if (typeof window === 'undefined') return new SavedDocument(url, stored);
  const known = open.get(url) as unknown as SavedDocument<T> | undefined;
  if (known !== undefined) {
    known.offerQuietly(stored);
    return known;
  }
  const fresh = new SavedDocument(url, stored);
  open.set(url, fresh as unknown as SavedDocument<{ readonly id: string }>);
  return fresh;
}

const unsaved = () => [...open.values()].filter((document) => document.hasUnsaved());

/** True while anything typed in this tab is not stored yet. */
export const isAnyUnsaved = (): boolean => unsaved().length > 0;

/** Sends all that waits; resolves when every save has been tried. */
export async function flushAll(): Promise<void> {
  await Promise.all(unsaved().map((document) => document.flush()));
}

/** The document of an address as this tab has it, or `otherwise` where it was never opened here. */
export const latest = <T>(url: string, otherwise: T): T =>
  (open.get(url)?.get().doc as T | undefined) ?? otherwise;
