/** What was asked for is not there (any more). */
export class NotFoundError extends Error {
  constructor(what: string) {
    super(`This ${what} is not there any more.`);
  }
}

/** Somebody else saved first; `current` is what is stored now. */
export class ConflictError extends Error {
  constructor(
    what: string,
    readonly current: unknown,
  ) {
    super(`This ${what} was changed elsewhere since it was opened here.`);
  }
}

/** The input cannot be stored; one line a fault. */
export class InvalidError extends Error {
  constructor(readonly faults: readonly string[]) {
    super(faults.join(' '));
  }
}

/** The database file cannot be used. The message says what to do. */
export class DatabaseError extends Error {}
