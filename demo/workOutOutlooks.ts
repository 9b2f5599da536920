import os from 'node:os';
import { filterForecastChecks } from '@/server/filterForecastChecks';
import { outlookInput } from '@/server/outlookInput';
import type { Db } from '@/store/openDatabase';
import { outlooks } from '@/store/outlooks';
import { outlookPool } from '@/workers/outlookPool';

/**
 * Works out the forecast of every filter, and what was forecast of its last packs, on all cores: nobody uses the app meanwhile.
 *
 * @param tell is told what share of all is done, 0–1
 */
export async function workOutOutlooks(db: Db, now: Date, tell: (share: number) => void): Promise<void> {
  const waiting = outlooks.stale(db);
  const done = waiting.map(() => 0);
  const pool = outlookPool(process.cwd(), os.availableParallelism());
  try {
    await Promise.all(
      waiting.map(async ({ filterId, revision }, place) => {
        const say = (share: number): void => {
          done[place] = share;
          tell(done.reduce((sum, value) => sum + value, 0) / done.length);
        };
        const outlook = await pool.run(outlookInput(db, filterId, now.toISOString()), say);
        outlooks.put(db, filterId, revision, outlook);
        await filterForecastChecks(db, filterId, pool.runPast);
        say(1);
      }),
    );
  } finally {
    await pool.end();
  }
}
