'use client';
import type { Answer } from '@/core/fault/faultFinder';
import { SYMPTOMS, type Symptom } from '@/core/log/symptom';

/** A search for a fault, as this tab keeps it. */
export interface Search {
  readonly symptom: Symptom;
  readonly answers: readonly Answer[];
}

const keyOf = (filterId: string): string => `neat-layer fault ${filterId}`;

/** Keeps a search until the tab is closed; null ends it. */
export function keepSearch(filterId: string, search: Search | null): void {
  try {
    if (search === null) sessionStorage.removeItem(keyOf(filterId));
    else sessionStorage.setItem(keyOf(filterId), JSON.stringify(search));
  } catch {
    // Storage is full or forbidden: a reload then begins anew.
  }
}

/** The search that this tab was in; null: none, or what is kept is none. */
export function readSearch(filterId: string): Search | null {
  try {
    const raw = JSON.parse(sessionStorage.getItem(keyOf(filterId)) ?? 'null') as Partial<Search> | null;
    const symptom = SYMPTOMS.find((item) => item === raw?.symptom);
    return symptom === undefined || !Array.isArray(raw?.answers) ? null : { symptom, answers: raw.answers };
  } catch {
    return null;
  }
}
