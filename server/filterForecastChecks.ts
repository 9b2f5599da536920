import { outletLimit } from '@/core/dirt/serviceLimits';
import { forecastChecks, type ForecastCheck } from '@/core/outlook/forecastCheck';
import type { PastForecast, PastForecastInput } from '@/core/outlook/pastForecast';
import { filters } from '@/store/filters';
import type { Db } from '@/store/openDatabase';
import { pastForecasts } from '@/store/pastForecasts';
import { pastPacks, type PastPack } from './pastPacks';

/** Past forecasts that are being worked out, by job: two pages that ask get the same. */
const underWay = new Map<string, Promise<PastForecast | null>>();

/**
 * Every forecast of the last packs of a filter against what came of it, oldest pack first. What is not known yet is worked out
 * and kept, which takes seconds a pack.
 *
 * @param workOut works out one past forecast, on a thread
 * @throws NotFoundError, UnreadableError
 */
export async function filterForecastChecks(
  db: Db,
  filterId: string,
  workOut: (input: PastForecastInput) => Promise<PastForecast | null>,
): Promise<ForecastCheck[]> {
  const showsAtOutlet = outletLimit(filters.get(db, filterId).doc) !== null;
  const checks: ForecastCheck[] = [];
  for (const pack of pastPacks(db, filterId)) {
    const past = await kept(db, pack, workOut);
    if (past !== null) checks.push(...forecastChecks(past, pack.life, showsAtOutlet));
  }
  return checks;
}

async function kept(
  db: Db,
  { jobId, input }: PastPack,
  workOut: (input: PastForecastInput) => Promise<PastForecast | null>,
): Promise<PastForecast | null> {
  const known = pastForecasts.get(db, jobId);
  if (known !== undefined) return known;
  const running = underWay.get(jobId) ?? workOut(input);
  underWay.set(jobId, running);
  try {
    const past = await running;
    if (db.open) pastForecasts.put(db, jobId, past);
    return past;
  } finally {
    underWay.delete(jobId);
  }
}
