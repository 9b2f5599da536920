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
import {
  hasUnsaved,
  isSettled,
  reduceSaving,
  savedAs,
  type SaveState,
  type SavingEvent,
  type SavingState,
} from './savingState';
import { newChangeId, send } from './send';

/** Milliseconds after the last change before it is sent. */
const PAUSE_MS = 350;
/** Milliseconds before the second try while the app is not responding or fails; each further one waits twice as long, up to the last. */
const RETRY = 2500;
const LONGEST_RETRY = 60_000;

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
 * What it comes to is worked out by {@link reduceSaving}; here is what happens beside it: drafts, timers and requests.
 *
 * It lives as long as the page: a sheet that is left for another goes on saving, and the next sheet takes up what was
 * typed here even where the server rendered it before the save arrived.
 */
export class SavedDocument<K extends SavedKind> {
  private saving: SavingState<DocumentOf<K>>;
  private snapshot: Snapshot<DocumentOf<K>>;
  private running: Promise<void> | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;
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
    this.saving = savedAs(stored);
    this.snapshot = { doc: stored.doc, state: this.saving.state, asides: [] };
  }

  readonly get = (): Snapshot<DocumentOf<K>> => this.snapshot;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly versionNow = (): number => this.saving.version;

  /** Takes an event in, without a word to those who show the document. */
  private apply(event: SavingEvent<DocumentOf<K>>): void {
    this.saving = reduceSaving(this.saving, event);
    const { doc, state } = this.saving;
    if (doc !== this.snapshot.doc || state !== this.snapshot.state)
      this.snapshot = { ...this.snapshot, doc, state };
  }

  private dispatch(event: SavingEvent<DocumentOf<K>>): void {
    this.apply(event);
    this.tellAll();
  }

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
    if (this.isSettled() && stored.version > this.saving.version) this.apply({ type: 'taken', stored });
  };

  /** Why what is on the screen cannot be used on the sheet that shows it. */
  private faultsNow(): readonly string[] {
    const { state, doc } = this.saving;
    return state.kind === 'refused' ? state.faults : this.fits(doc);
  }

  /** Takes over what the server has, unless this page knows it newer or has changes of its own. */
  readonly offer = (stored: Stored<DocumentOf<K>>): void => {
    if (this.isSettled() && stored.version > this.saving.version) this.dispatch({ type: 'taken', stored });
  };

  readonly hasUnsaved = (): boolean => this.adopting !== null || hasUnsaved(this.saving);

  private isSettled(): boolean {
    return this.adopting === null && isSettled(this.saving);
  }

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
    const { attempt, version } = draft;
    const before = this.saving;
    this.apply({
      type: 'adopted',
      draft: {
        doc: read.doc,
        version,
        attempt: attempt === null ? null : { ...attempt, doc: attempt.doc as DocumentOf<K> },
        hasMore: attempt !== null && JSON.stringify(attempt.doc) !== JSON.stringify(draft.doc),
      },
    });
    if (this.saving === before) return;
    this.keep();
    this.tellAll();
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
    if (this.running === null && this.saving.theirs === null) void this.saveOnce();
    this.keep(true);
  };

  readonly change = (update: Update<DocumentOf<K>>): void => {
    if (this.adopting !== null) {
      this.adopting.changes.push(update);
      return;
    }
    const before = this.saving;
    this.apply({ type: 'changed', doc: update(before.doc) });
    if (this.saving === before) return;
    this.keep();
    this.tellAll();
    if (this.saving.theirs !== null) return;
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
    const { theirs } = this.saving;
    if (theirs === null) return;
    this.apply({ type: 'taken', stored: theirs });
    this.dropOwn();
    this.tellAll();
  };

  /** After a conflict: saves the own changes over the others’. */
  readonly keepMine = (): void => {
    this.apply({ type: 'kept mine' });
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
      version: this.saving.version,
      doc: this.saving.doc,
      attempt: null,
      left: true,
      aside: [...faults],
    });
    this.dropOwn();
    clearTimeout(this.timer);
    this.apply({ type: 'taken', stored: this.saving.theirs ?? this.saving.stored });
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

  private keep(left = false): void {
    const { version, doc, attempt } = this.saving;
    saveDraft(this.ref, this.pageId, {
      version,
      doc,
      attempt:
        attempt === null ? null : { changeId: attempt.changeId, version: attempt.version, doc: attempt.doc },
      left,
    });
  }

  private dropOwn(): void {
    deleteDraft({ ...this.ref, pageId: this.pageId });
  }

  private asidesNow(): readonly Draft[] {
    return draftsOf(this.ref).filter(({ aside }) => aside !== null);
  }

  private showAsides(): void {
    const asides = this.asidesNow();
    if (asides.length === 0 && this.snapshot.asides.length === 0) return;
    this.snapshot = { ...this.snapshot, asides };
    this.tellAll();
  }

  private tellAll(): void {
    this.listeners.forEach((listener) => listener());
  }

  private saveOnce(): Promise<void> {
    this.running ??= this.save().finally(() => {
      this.running = null;
    });
    return this.running;
  }

  private async save(): Promise<void> {
    clearTimeout(this.timer);
    while (hasUnsaved(this.saving) && this.saving.theirs === null) {
      this.apply({ type: 'sent', changeId: newChangeId() });
      const { attempt } = this.saving;
      if (attempt === null) return;
      this.keep();
      this.tellAll();
      const { changeId, version, doc } = attempt;
      const url = documentUrl(this.ref);
      const outcome = await send<Stored<DocumentOf<K>>>('PUT', url, { version, doc }, { changeId });
      // It was set aside, or the others' version taken, while the answer was on its way.
      if (this.saving.attempt?.changeId !== changeId) return;
      if (outcome.kind === 'conflict' && (await this.merge(outcome.current, attempt))) continue;
      this.apply({ type: 'answered', changeId, outcome });
      if (outcome.kind === 'saved') noteSave(this.ref, outcome.value);
      if (isSettled(this.saving)) this.dropOwn();
      else this.keep();
      this.tellAll();
      const { state, failures } = this.saving;
      if (state.kind === 'unreachable' || state.kind === 'failed')
        this.timer = setTimeout(
          () => void this.saveOnce(),
          Math.min(LONGEST_RETRY, RETRY * 2 ** (failures - 1)),
        );
      if (state.kind !== 'saving') return;
    }
  }

  /** Puts own changes and the others’ together, where a kind of document can be; true when it was done. */
  private async merge(
    theirs: Stored<DocumentOf<K>>,
    { changeId, version }: Pick<Attempt, 'changeId' | 'version'>,
  ): Promise<boolean> {
    if (JSON.stringify(theirs.doc) === JSON.stringify(this.saving.doc)) return false;
    const merge = await MERGES[this.ref.kind]?.().catch(() => undefined);
    if (merge === undefined) return false;
    const { attempt, doc, stored } = this.saving;
    // It was set aside while the merge was loaded.
    if (attempt?.changeId !== changeId) return true;
    const base = version === stored.version ? stored.doc : null;
    this.dispatch({ type: 'merged', doc: merge(base, doc, theirs.doc), theirs });
    return true;
  }
}
