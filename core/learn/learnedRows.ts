import { RANGE_DEVIATE } from '../maths/range';
import { LEARNED_KEYS, learnedFactors, type LearnedKey } from '../dirt/learnedFactors';
import type { Posterior } from '../dirt/posterior';
import { feedPerDay } from '../tank/feedPerDay';
import type { Tank } from '../tank/tank';

/** A number that the log says something of: a factor on what is usual, with the range that four of five lie within. */
export interface LearnedRow {
  readonly key: LearnedKey | 'speed';
  readonly label: string;
  readonly factor: number;
  readonly low: number;
  readonly high: number;
  /** The log has narrowed it: its range is a fifth narrower than before anything was read, or more. */
  readonly told: boolean;
}

const LABELS: Readonly<Record<LearnedRow['key'], string>> = {
  fed: 'Food and the dirt from it',
  attachment: 'How easily dirt sticks to the media',
  decay: 'How fast sludge breaks down',
  sludgeDensity: 'How dense the sludge is',
  ultimateFactor: 'How much dirt the media can hold',
  settlingFactor: 'Dirt that settles in the tank',
  litterFactor: 'Plant waste',
  solid: 'Thickness of the fibres in foam and floss',
  speed: 'Flow through this pump and its hoses',
};

const MAX_NARROWED_SHARE = 0.8;

/** What a log taught, number by number. */
export function learnedRows({ mean, root }: Posterior, tank: Pick<Tank, 'feed' | 'water'>): LearnedRow[] {
  const food = feedPerDay(tank);
  const keys = [...LEARNED_KEYS, 'speed'] as const;
  const spreads = root.map((row) => Math.hypot(...row));
  const at = (way: number) =>
    learnedFactors(
      mean.map((value, place) => value + way * RANGE_DEVIATE * (spreads[place] ?? 0)),
      food,
    );
  const [low, likely, high] = [at(-1), at(0), at(1)];
  return keys.map((key, place) => ({
    key,
    label: LABELS[key],
    factor: likely[key] ?? 1,
    low: low[key] ?? 1,
    high: high[key] ?? 1,
    told: (spreads[place] ?? 1) < MAX_NARROWED_SHARE,
  }));
}
