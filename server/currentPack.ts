import type { Pack } from '@/core/pack/pack';
import { UnreadableError } from '@/store/errors';
import { jobs } from '@/store/jobs';
import type { Db } from '@/store/openDatabase';

/** What was packed last; null also where that record cannot be read, which home says. */
export function currentPack(db: Db, filterId: string): Pack | null {
  try {
    return jobs.currentPack(db, filterId);
  } catch (error) {
    if (error instanceof UnreadableError) return null;
    throw error;
  }
}
