import type { ForecastCheck } from '@/core/outlook/forecastCheck';

/** Past forecasts of a filter against what came of them; null: the app gave no answer. */
export async function readForecastChecks(
  filterId: string,
  signal: AbortSignal,
): Promise<readonly ForecastCheck[] | null> {
  try {
    const answer = await fetch(`/api/filters/${filterId}/forecast-checks`, { signal });
    if (!answer.ok) return null;
    return ((await answer.json()) as { readonly checks: readonly ForecastCheck[] }).checks;
  } catch {
    return null;
  }
}
