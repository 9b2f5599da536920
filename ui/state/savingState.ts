import type { Stored } from '@/store/documentTable';
import type { Attempt } from './drafts';
import type { Failure, Outcome } from './send';

/** How far what is on the screen is stored. */
export type SaveState =
  | { readonly kind: 'saved'; readonly at: string }
  | { readonly kind: 'saving' }
  | { readonly kind: 'unreachable' }
  | Failure
  | { readonly kind: 'refused'; readonly faults: readonly string[] }
  | { readonly kind: 'conflict' };

/** A document and how far it is saved. */
export interface SavingState<T> {
  readonly doc: T;
  readonly state: SaveState;
  /** The version that the next save is made from. */
  readonly version: number;
  /** As the server had it last, as far as this page knows: what is gone back to. */
  readonly stored: Stored<T>;
  /** Changes made here, and how many of them are stored. */
  readonly changes: number;
  readonly savedChanges: number;
  /** A save that was sent and not answered, with the number of changes it holds. */
  readonly attempt: (Omit<Attempt, 'doc'> & { readonly doc: T; readonly changes: number }) | null;
  /** What somebody else stored meanwhile, until the keeper has chosen. */
  readonly theirs: Stored<T> | null;
  /** Tries in a row without an answer. */
  readonly failures: number;
}

/** What another page could not store, as it is read. */
export interface Adopted<T> {
  readonly doc: T;
  readonly version: number;
  readonly attempt: (Omit<Attempt, 'doc'> & { readonly doc: T }) | null;
  /** More was typed after that attempt. */
  readonly hasMore: boolean;
}

/** What happens to a document that saves itself. */
export type SavingEvent<T> =
  /** It was changed on the screen. */
  | { readonly type: 'changed'; readonly doc: T }
  /** A save is sent; one that was not answered is sent again as it was. */
  | { readonly type: 'sent'; readonly changeId: string }
  | { readonly type: 'answered'; readonly changeId: string; readonly outcome: Outcome<Stored<T>> }
  /** Somebody saved first, and both were put together. */
  | { readonly type: 'merged'; readonly doc: T; readonly theirs: Stored<T> }
  /** What the server has takes the place of everything here. */
  | { readonly type: 'taken'; readonly stored: Stored<T> }
  /** Own changes are to be saved over the others’. */
  | { readonly type: 'kept mine' }
  /** What another page could not store is taken up. */
  | { readonly type: 'adopted'; readonly draft: Adopted<T> };

const SAVING = { kind: 'saving' } as const;
const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** A document as the server sent it. */
export const savedAs = <T>(stored: Stored<T>): SavingState<T> => ({
  doc: stored.doc,
  state: { kind: 'saved', at: stored.updatedAt },
  version: stored.version,
  stored,
  changes: 0,
  savedChanges: 0,
  attempt: null,
  theirs: null,
  failures: 0,
});

/** True while changes made here are not stored. */
export const hasUnsaved = ({ changes, savedChanges }: SavingState<unknown>): boolean =>
  savedChanges < changes;

/** True where nothing is to be saved and nothing to be chosen. */
export const isSettled = (saving: SavingState<unknown>): boolean =>
  !hasUnsaved(saving) && saving.theirs === null;

/** What a document comes to by an event; what does not belong to it any more leaves it as it is. */
export function reduceSaving<T>(saving: SavingState<T>, event: SavingEvent<T>): SavingState<T> {
  switch (event.type) {
    case 'changed':
      return event.doc === saving.doc
        ? saving
        : {
            ...saving,
            doc: event.doc,
            changes: saving.changes + 1,
            state: saving.theirs === null ? SAVING : saving.state,
          };
    case 'sent': {
      const { version, doc, changes, theirs } = saving;
      // Nothing is sent over what somebody else has stored.
      if (theirs !== null) return saving;
      return {
        ...saving,
        state: SAVING,
        attempt: saving.attempt ?? { changeId: event.changeId, version, doc, changes },
      };
    }
    case 'answered':
      // It was set aside, or the others’ version taken, while the answer was on its way.
      return saving.attempt?.changeId === event.changeId
        ? answered(saving, saving.attempt.changes, event.outcome)
        : saving;
    case 'merged':
      return {
        ...saving,
        doc: event.doc,
        state: SAVING,
        version: event.theirs.version,
        stored: event.theirs,
        changes: saving.changes + 1,
        attempt: null,
        failures: 0,
      };
    case 'taken':
      return { ...savedAs(event.stored), changes: saving.changes, savedChanges: saving.changes };
    case 'kept mine':
      return saving.theirs === null
        ? saving
        : { ...saving, state: SAVING, version: saving.theirs.version, theirs: null };
    case 'adopted':
      return adopted(saving, event.draft);
  }
}

function answered<T>(saving: SavingState<T>, holds: number, outcome: Outcome<Stored<T>>): SavingState<T> {
  const over = { ...saving, attempt: null, failures: 0 };
  switch (outcome.kind) {
    case 'unreachable':
    case 'failed':
      return { ...saving, state: outcome, failures: saving.failures + 1 };
    case 'saved': {
      const stored = outcome.value;
      const next = { ...over, stored, version: stored.version, savedChanges: holds };
      return { ...next, state: hasUnsaved(next) ? SAVING : { kind: 'saved', at: stored.updatedAt } };
    }
    case 'conflict':
      return isSame(outcome.current.doc, saving.doc)
        ? reduceSaving(saving, { type: 'taken', stored: outcome.current })
        : { ...over, theirs: outcome.current, state: { kind: 'conflict' } };
    case 'refused':
      // What was typed since may be right again: it is sent before anything is said.
      return holds < saving.changes ? over : { ...over, state: { kind: 'refused', faults: outcome.faults } };
  }
}

/** A draft in place of what is stored. What it had sent is sent again first, then what was typed after. */
function adopted<T>(saving: SavingState<T>, { doc, version, attempt, hasMore }: Adopted<T>): SavingState<T> {
  if (attempt === null && isSame(doc, saving.doc)) return saving;
  const holds = saving.changes + 1;
  return {
    ...saving,
    doc,
    version,
    state: SAVING,
    changes: hasMore ? holds + 1 : holds,
    attempt: attempt === null ? saving.attempt : { ...attempt, changes: holds },
  };
}
