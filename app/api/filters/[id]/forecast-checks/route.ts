import { answer } from '@/server/answer';
import { filterForecastChecks } from '@/server/filterForecastChecks';
import { outlookThreads } from '@/server/outlookWork';

/** Past forecasts of a filter against what came of them. */
export const GET = (_request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async (db) => ({
    checks: await filterForecastChecks(db, (await params).id, outlookThreads().runPast),
  }));
