import { upperFirst } from '@/core/units/firstLetter';
import { KIND_WORDS, type DocumentKind } from '@/formats/documents/kinds';
import type { Unreadable } from '@/store/errors';
import type { Db } from '@/store/openDatabase';
import { REMOVES, repairOf } from '@/store/unreadable';

/** A stored document that cannot be used, with all that a keeper can do about it. */
export interface Trouble {
  readonly kind: DocumentKind;
  readonly id: string;
  /** "Pack “Plan”". */
  readonly title: string;
  readonly faults: readonly string[];
  /** What repairing it would change; null when it cannot be repaired. */
  readonly repair: readonly string[] | null;
  /** What removing it takes with it. */
  readonly removes: string;
}

/** Puts documents that cannot be used into a keeper’s words. */
export const troublesOf = (db: Db, documents: readonly Unreadable[]): Trouble[] =>
  documents.map((document) => ({
    kind: document.kind,
    id: document.id,
    title: titleOf(document),
    faults: document.faults,
    repair: repairOf(db, document),
    removes: REMOVES[document.kind],
  }));

/** The name that is left in its text, if any. */
function titleOf({ kind, text }: Unreadable): string {
  const word = KIND_WORDS[kind];
  const name = /"name":\s*"((?:[^"\\]|\\.){1,60})"/.exec(text)?.[1];
  return `${upperFirst(word)}${name === undefined ? '' : ` “${name}”`}`;
}
