'use client';
import type { DocumentOf } from '@/formats/documents/documentKinds';
import { SCHEMA_VERSION } from '@/formats/documents/kinds';
import type { DocumentRead } from '@/formats/documents/readDocument';
import type { Stored } from '@/store/documentTable';
import { documentUrl, type DocumentRef, type SavedKind } from './documentRef';
import { draftsOf, deleteDraft, saveDraft, put, type Attempt, type Draft } from './drafts';
import { MERGES } from './merges';
import { noteSave, ownSave } from './ownSaves';
import { hasEnded, PAGE_ID } from './pageLife';
import { newChangeId, send } from './send';

/** Milliseconds after the last change before it is sent. */
const PAUSE_MS = 350;
/** Milliseconds before the second try while the app is not responding or fails; each further one waits twice as long, up to the last. */
const RETRY = 2500;
const LONGEST_RETRY = 60_000;

export type SaveState =
  | { readonly kind: 'saved'; readonly at: string }
  | { readonly kind: 'saving' }
  | { readonly kind: 'unreachable' }
  | { readonly kind: 'failed'; readonly message: string; readonly errorId: string | null }
  | { readonly kind: 'refused'; readonly faults: readonly string[] }
  | { readonly kind: 'conflict' };

/** What a view sees of a document at one moment. */
export interface Snapshot<T> {
  readonly doc: T;
  readonly state: SaveState;
  /** Changes to it that could not be stored or no longer fit, and wait to be looked at. */
  readonly asides: readonly Draft[];
}

/** What keeps a document from being used where it is shown, a line each; empty when nothing does. */
export type Fits<T> = (doc: T) => readonly string[];

type Update<T> = (doc: T) => T;

const always = (): readonly string[] => [];

/** Reads a draft, of whatever version. The reader knows every kind of document, and is loaded when there is a draft. */
async function readDraft<K extends SavedKind>(kind: K, { doc, schemaVersion }: Draft) {
  const { readDocument } = await import('@/formats/documents/readDocument');
  return readDocument(kind, doc, schemaVersion);
}

/**
 * A document that saves itself. Changes show at once, are kept as a draft in the browser, and are sent after a short
 * pause. Every save carries a change id: one that gets no answer is sent again as it was, with the same id, before
 * anything newer is, so that the app never takes its own save for somebody else's. A save that meets a newer version
 * stops and asks.
 *
 * It lives as long as the page: a sheet that is left for another goes on saving, and the next sheet takes up what was
 * typed here even where the server rendered it before the save arrived.
 */
export class SavedDocument<K extends SavedKind> {
  private snapshot: Snapshot<DocumentOf<K>>;
  private version: number;
  /** As the server had it last, as far as this page knows: what is gone back to. */
  private stored: Stored<DocumentOf<K>>;
  private changes = 0;
  private savedChanges = 0;
  /** A save that was sent and not answered, with the number of changes it holds. */
  private attempt: (Attempt & { readonly changes: number }) | null = null;
  private theirs: Stored<DocumentOf<K>> | null = null;
  private running: Promise<void> | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;
  /** Tries in a row without an answer. */
  private failures = 0;
  private fits: Fits<DocumentOf<K>> = always;
  /** A draft that is being read, and the changes made meanwhile: they belong on top of it. */
  private adopting: { readonly draft: Draft; readonly changes: Update<DocumentOf<K>>[] } | null = null;
  private adopted: Promise<void> = Promise.resolve();
  private readonly listeners = new Set<() => void>();

  /** @param pageId whose drafts it writes; other than this page’s own only in tests */
  constructor(
    private readonly ref: DocumentRef<K>,
    stored: Stored<DocumentOf<K>>,
    private readonly pageId = PAGE_ID,
  ) {
    this.snapshot = { doc: stored.doc, state: { kind: 'saved', at: stored.updatedAt }, asides: [] };
    this.version = stored.version;
    this.stored = stored;
  }

  readonly get = (): Snapshot<DocumentOf<K>> => this.snapshot;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly versionNow = (): number => this.version;

  /**
   * Shown on another sheet, with what the server has now: takes it over unless this page knows it newer or has changes
   * of its own. Changes that were refused, or that do not fit there, are set aside first.
   */
  readonly openAnew = (stored: Stored<DocumentOf<K>>, fits: Fits<DocumentOf<K>> = always): void => {
    this.fits = fits;
    if (!this.isSettled()) {
      const faults = this.faultsNow();
      // Quietly: another sheet may be showing it still while this one is being drawn.
      if (faults.length > 0) this.putAside(faults);
    }
    if (this.isSettled() && stored.version > this.version) this.take(stored);
  };

  /** Why what is on the screen cannot be used on the sheet that shows it. */
  private faultsNow(): readonly string[] {
    const { state, doc } = this.snapshot;
    if (state.kind === 'refused') return state.faults;
    return this.fits(doc);
  }

  /** Takes over what the server has, unless this page knows it newer or has changes of its own. */
  readonly offer = (stored: Stored<DocumentOf<K>>): void => {
    if (!this.isSettled() || stored.version <= this.version) return;
    this.take(stored);
    this.tellAll();
  };

  readonly hasUnsaved = (): boolean => this.adopting !== null || this.savedChanges < this.changes;

  /**
   * Takes up what pages that have ended could not store, one draft after the other: at once those that were left
   * properly, after a while those of pages that broke off. What does not fit is set aside and shown. A page that was
   * drawn before this tab’s last save arrived is brought up to it first.
   */
  readonly takeUpDrafts = async (): Promise<void> => {
    const own = ownSave(this.ref);
    if (own !== null) this.offer(own);
    const drafts = draftsOf(this.ref).filter((draft) => draft.pageId !== this.pageId);
    this.showAsides();
    // Begun before anybody can type: what is typed while it is read goes on top of it.
    for (const draft of drafts.filter(({ left, aside }) => left && aside === null)) await this.takeUp(draft);
    for (const draft of drafts.filter(({ left, aside }) => !left && aside === null))
      if (await hasEnded(draft.pageId)) await this.takeUp(draft);
  };

  private async takeUp(draft: Draft): Promise<void> {
    // Its own changes come first.
    if (!this.isSettled() && !(await this.settle())) return;
    const reading = this.adopt(draft);
    this.adopted = reading;
    await reading;
    await this.saveOnce();
  }

  /** Reads a draft and puts it in place of what is stored; changes made meanwhile follow. */
  private async adopt(draft: Draft): Promise<void> {
    this.adopting = { draft, changes: [] };
    // Without the app its reader may not be there: the draft then stays for the next page.
    const read = await readDraft(this.ref.kind, draft).catch(() => null);
    const { changes } = this.adopting;
    this.adopting = null;
    // Another page may have taken it up meanwhile.
    const isThere = draftsOf(this.ref).some(({ pageId, at }) => pageId === draft.pageId && at === draft.at);
    if (isThere && read !== null) this.replaceBy(draft, read);
    changes.forEach(this.change);
  }

  private replaceBy(draft: Draft, read: DocumentRead<DocumentOf<K>>): void {
    const faults = read.ok ? this.fits(read.doc) : read.faults;
    deleteDraft(draft);
    if (!read.ok || faults.length > 0) {
      put({ ...draft, aside: [...faults] });
      this.showAsides();
      return;
    }
    const { attempt } = draft;
    const same = JSON.stringify(read.doc) === JSON.stringify(this.snapshot.doc);
    if (same && attempt === null) return;
    this.version = draft.version;
    this.changes += 1;
    if (attempt !== null) {
      this.attempt = { ...attempt, changes: this.changes };
      if (JSON.stringify(attempt.doc) !== JSON.stringify(draft.doc)) this.changes += 1;
    }
    this.keep(read.doc);
    this.show({ doc: read.doc, state: { kind: 'saving' } });
  }

  /** Resolves true once its own changes are stored, false when they cannot be for now. */
  private async settle(): Promise<boolean> {
    await this.flush();
    return this.isSettled();
  }

  /** The page is left: its drafts may be taken up by the next. Nothing is sent while a save is under way. */
  readonly leave = (): void => {
    if (this.adopting !== null) {
      const { draft, changes } = this.adopting;
      // Not read yet: the changes go onto it as it is, and the next page reads the whole.
      const doc = changes.reduce<unknown>((current, update) => update(current as DocumentOf<K>), draft.doc);
      put({ ...draft, doc, at: changes.length > 0 ? new Date().toISOString() : draft.at });
      return;
    }
    if (!this.hasUnsaved()) return;
    if (this.running === null && this.theirs === null) void this.saveOnce();
    this.keep(this.snapshot.doc, true);
  };

  readonly change = (update: Update<DocumentOf<K>>): void => {
    if (this.adopting !== null) {
      this.adopting.changes.push(update);
      return;
    }
    const next = update(this.snapshot.doc);
    if (next === this.snapshot.doc) return;
    this.changes += 1;
    this.keep(next);
    if (this.theirs !== null) {
      this.show({ doc: next });
      return;
    }
    this.show({ doc: next, state: { kind: 'saving' } });
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.saveOnce(), PAUSE_MS);
  };

  /** Resolves once nothing waits to be saved; true when all of it was. */
  readonly flush = async (): Promise<boolean> => {
    await this.adopted;
    await this.saveOnce();
    // A save that was under way may have ended just before the newest change.
    if (this.hasUnsaved()) await this.saveOnce();
    return !this.hasUnsaved();
  };

  readonly saveNow = (): void => void this.saveOnce();

  /** After a conflict: drops the own changes. */
  readonly takeTheirs = (): void => {
    if (this.theirs === null) return;
    this.take(this.theirs);
    this.dropOwn();
    this.tellAll();
  };

  /** After a conflict: saves the own changes over the others’. */
  readonly keepMine = (): void => {
    if (this.theirs === null) return;
    this.version = this.theirs.version;
    this.theirs = null;
    void this.saveOnce();
  };

  /** After a refusal, or where a change cannot be drawn: keeps it apart, and goes back to what is stored. */
  readonly setAside = (faults: readonly string[]): void => {
    if (!this.hasUnsaved()) return;
    this.putAside(faults);
    this.tellAll();
  };

  private putAside(faults: readonly string[]): void {
    put({
      kind: this.ref.kind,
      id: this.ref.id,
      pageId: newChangeId(),
      at: new Date().toISOString(),
      schemaVersion: SCHEMA_VERSION,
      version: this.version,
      doc: this.snapshot.doc,
      attempt: null,
      left: true,
      aside: [...faults],
    });
    this.dropOwn();
    clearTimeout(this.timer);
    this.take(this.theirs ?? this.stored);
    this.snapshot = { ...this.snapshot, asides: this.asidesNow() };
  }

  /** Puts a change that was set aside back into the document. */
  readonly tryAside = async (draft: Draft): Promise<void> => {
    const read = await readDraft(this.ref.kind, draft).catch(() => null);
    if (read === null || !read.ok || this.fits(read.doc).length > 0) return;
    this.dropAside(draft);
    this.change(() => read.doc);
  };

  readonly dropAside = (draft: Draft): void => {
    deleteDraft(draft);
    this.showAsides();
  };

  private isSettled(): boolean {
    return !this.hasUnsaved() && this.theirs === null;
  }

  private keep(doc: DocumentOf<K>, left = false): void {
    const attempt =
      this.attempt === null
        ? null
        : { changeId: this.attempt.changeId, version: this.attempt.version, doc: this.attempt.doc };
    saveDraft(this.ref, this.pageId, { version: this.version, doc, attempt, left });
  }

  private dropOwn(): void {
    deleteDraft({ ...this.ref, pageId: this.pageId });
  }

  private show(change: Partial<Snapshot<DocumentOf<K>>>): void {
    this.snapshot = { ...this.snapshot, ...change };
    this.tellAll();
  }

  private asidesNow(): readonly Draft[] {
    return draftsOf(this.ref).filter(({ aside }) => aside !== null);
  }

  private showAsides(): void {
    const asides = this.asidesNow();
    if (asides.length > 0 || this.snapshot.asides.length > 0) this.show({ asides });
  }

  private tellAll(): void {
    this.listeners.forEach((listener) => listener());
  }

  private take(stored: Stored<DocumentOf<K>>): void {
    this.stored = stored;
    this.version = stored.version;
    this.savedChanges = this.changes;
    this.attempt = null;
    this.theirs = null;
    this.snapshot = { ...this.snapshot, doc: stored.doc, state: { kind: 'saved', at: stored.updatedAt } };
  }

  private saveOnce(): Promise<void> {
    this.running ??= this.save().finally(() => {
      this.running = null;
    });
    return this.running;
  }

  private async save(): Promise<void> {
    clearTimeout(this.timer);
    while (this.hasUnsaved() && this.theirs === null) {
      this.attempt ??= {
        changeId: newChangeId(),
        version: this.version,
        doc: this.snapshot.doc,
        changes: this.changes,
      };
      const { changeId, version, doc, changes } = this.attempt;
      this.keep(this.snapshot.doc);
      this.show({ state: { kind: 'saving' } });
      const outcome = await send<Stored<DocumentOf<K>>>(
        'PUT',
        documentUrl(this.ref),
        { version, doc },
        { changeId },
      );
      // It was set aside, or the others' version taken, while the answer was on its way.
      if (this.attempt?.changeId !== changeId) return;
      if (outcome.kind === 'unreachable' || outcome.kind === 'failed') {
        this.show({ state: outcome });
        this.timer = setTimeout(
          () => void this.saveOnce(),
          Math.min(LONGEST_RETRY, RETRY * 2 ** this.failures),
        );
        this.failures += 1;
        return;
      }
      this.failures = 0;
      this.attempt = null;
      if (outcome.kind === 'saved') {
        this.stored = outcome.value;
        noteSave(this.ref, outcome.value);
        this.version = outcome.value.version;
        this.savedChanges = changes;
        if (this.hasUnsaved()) this.keep(this.snapshot.doc);
        else {
          this.dropOwn();
          this.show({ state: { kind: 'saved', at: outcome.value.updatedAt } });
        }
        continue;
      }
      this.keep(this.snapshot.doc);
      if (outcome.kind === 'conflict') {
        if (JSON.stringify(outcome.current.doc) === JSON.stringify(this.snapshot.doc)) {
          this.take(outcome.current);
          this.dropOwn();
          this.tellAll();
          return;
        }
        const merge = await MERGES[this.ref.kind]?.().catch(() => undefined);
        if (merge !== undefined) {
          const base = version === this.stored.version ? this.stored.doc : null;
          const merged = merge(base, this.snapshot.doc, outcome.current.doc);
          this.stored = outcome.current;
          this.version = outcome.current.version;
          this.changes += 1;
          this.show({ doc: merged });
          continue;
        }
        this.theirs = outcome.current;
        this.show({ state: { kind: 'conflict' } });
        return;
      }
      if (changes < this.changes) continue;
      this.show({ state: { kind: 'refused', faults: outcome.faults } });
      return;
    }
  }
}
