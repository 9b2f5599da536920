import { filters } from '@/store/filters';
import { insertFilterContent } from '@/store/filterFiles';
import type { Db } from '@/store/openDatabase';
import { demoContent } from './demoContent';
import { WATERS } from './waters';

/** True for a filter of the demo: a keeper’s own have random ids. */
export const isTryOut = (filterId: string): boolean => WATERS.some(({ filter }) => filter.id === filterId);

/** Writes the demo’s filters beside what is there; their ids stay those of the demo, so that they can be told apart. */
export function addTryOut(db: Db, now: Date): void {
  for (const content of demoContent(now)) insertFilterContent(db, content);
}

/** Removes those of the demo’s filters that are there, and nothing of the keeper’s own. */
export function removeTryOut(db: Db): void {
  for (const { filter } of WATERS) if (filters.find(db, filter.id) !== null) filters.remove(db, filter.id);
}
