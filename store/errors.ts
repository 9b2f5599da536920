import type { DocumentKind } from '@/formats/documents/kinds';

/** What was asked for is not there (any more). */
export class NotFoundError extends Error {
  constructor(what: string) {
    super(`This ${what} no longer exists.`);
  }
}

/** Somebody else saved first; `current` is what is stored now. */
export class ConflictError extends Error {
  constructor(
    what: string,
    readonly current: unknown,
  ) {
    super(`This ${what} was changed in another tab or on another device after you opened it here.`);
  }
}

/** The input cannot be stored; one line a fault. */
export class InvalidError extends Error {
  constructor(readonly faults: readonly string[]) {
    super(faults.join(' '));
  }
}

/** A stored document that cannot be read as it is. */
export interface Unreadable {
  readonly kind: DocumentKind;
  readonly id: string;
  /** As it is stored, and the version of the schemas it was written in. */
  readonly text: string;
  readonly schemaVersion: number;
  /** One line a fault. */
  readonly faults: readonly string[];
}

/** A stored document cannot be read; it is left as it is. */
export class UnreadableError extends Error {
  constructor(readonly document: Unreadable) {
    super(`A stored ${document.kind} cannot be read: ${document.faults.join(' ')}`);
  }
}

/** Why a database file cannot be used. */
export type DatabaseFault = 'damaged' | 'foreign' | 'newer';

/** The database file cannot be used. The message says what to do. */
export class DatabaseError extends Error {
  constructor(
    message: string,
    readonly fault: DatabaseFault,
  ) {
    super(message);
  }
}
