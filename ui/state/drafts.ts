'use client';

/** What was typed and not yet saved, with the version it was made from. */
export interface Draft {
  readonly version: number;
  readonly doc: unknown;
}

const key = (url: string): string => `neat-layer draft ${url}`;

/*
 * Drafts live in the browser's own storage, so that a closed tab, a stopped server or a power cut loses nothing.
 * A browser that refuses storage only loses that safety net.
 */

export function keepDraft(url: string, draft: Draft): void {
  try {
    localStorage.setItem(key(url), JSON.stringify(draft));
  } catch {
    // Storage is full or forbidden: the save itself still goes ahead.
  }
}

export function dropDraft(url: string): void {
  try {
    localStorage.removeItem(key(url));
  } catch {
    // Nothing was kept then.
  }
}

export function findDraft(url: string): Draft | null {
  try {
    const text = localStorage.getItem(key(url));
    return text === null ? null : (JSON.parse(text) as Draft);
  } catch {
    return null;
  }
}
