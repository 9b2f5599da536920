import type { Visit } from '@/core/pack/visit';
import type { FoundForecast } from './useForecast';
import type { RangeState } from './useRange';

/** What the strip over time shows, and what it tells of. */
export interface TimeStripProps {
  readonly found: FoundForecast | null;
  readonly failed: boolean;
  readonly retry: () => void;
  /** The pack has changed since it was forecast. */
  readonly stale: boolean;
  readonly range: RangeState | null;
  readonly day: number;
  readonly onDay: (day: number) => void;
  readonly visits: readonly Visit[];
  readonly onVisits: (visits: readonly Visit[], mark?: string) => void;
}
