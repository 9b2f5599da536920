/** Every kind of document that is stored, put into files or kept as a draft. */
export type DocumentKind = 'tank' | 'filter' | 'pack' | 'job' | 'logEntry' | 'settings' | 'shelf';

/**
 * The version of all their schemas together. A change to any of them that older documents do not meet raises it by
 * one, and adds a step in `steps/` and a fixture of the version before in `fixtures/`.
 */
export const SCHEMA_VERSION = 9;

/** The header in which a page says in which version it writes. */
export const SCHEMA_HEADER = 'x-schema-version';

/** What a keeper calls a kind. */
export const KIND_WORDS: Readonly<Record<DocumentKind, string>> = {
  tank: 'tank',
  filter: 'filter',
  pack: 'pack',
  job: 'repack',
  logEntry: 'log entry',
  settings: 'settings',
  shelf: 'shelf',
};
