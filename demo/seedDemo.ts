import { insertFilterContent } from '@/store/filterFiles';
import type { Db } from '@/store/openDatabase';
import { demoContent } from './demoContent';

/** Writes the demo into an empty database; ids stay those of the demo. */
export function seedDemo(db: Db, now: Date): void {
  for (const content of demoContent(now)) insertFilterContent(db, content);
}
