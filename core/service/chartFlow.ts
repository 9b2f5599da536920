import { DAY_MS } from '../units/daysBetween';
import type { FlowState } from './flowState';

/** The flows of a filter as a chart draws them. m³/s */
export interface ChartFlow extends Pick<FlowState, 'share' | 'shareSpread'> {
  /** Those of the last half year, oldest first. */
  readonly readings: readonly {
    readonly id: string;
    readonly at: string;
    readonly mean: number;
    readonly spread: number | null;
  }[];
  readonly latest: { readonly at: string; readonly mean: number } | null;
  readonly clean: number | null;
  /** Share of the clean flow at which service is due; null where the outlet does not tell. */
  readonly limitShare: number | null;
}

/** Days that the chart looks back. */
const CHART_DAYS = 190;

/** What a chart needs of a filter’s flows. @param now ISO moment @param limitShare see outletLimit */
export function chartFlow(
  { readings, latest, clean, share, shareSpread }: FlowState,
  now: string,
  limitShare: number | null,
): ChartFlow {
  const oldest = new Date(Date.parse(now) - CHART_DAYS * DAY_MS).toISOString();
  return {
    share,
    shareSpread,
    limitShare,
    latest: latest === null ? null : { at: latest.at, mean: latest.flow.mean },
    clean: clean?.flow.mean ?? null,
    readings: readings
      .filter(({ at }) => at > oldest)
      .map(({ id, at, flow: { mean, spread } }) => ({ id, at, mean, spread })),
  };
}
