import { LIMITS } from '../biology/nitrifiers';
import { sentence, type Sentence } from '../units/sentence';
import { DAY } from '../units/time';

/** What is known when water is cloudy. */
export interface Cloudy {
  /** Days since the repack; null: none is known. */
  readonly days: number | null;
  readonly rinsed: 'yes' | 'no' | 'not known';
  /** Ammonia nitrogen read since, kg/m³; null: no test. */
  readonly ammonia: number | null;
  /** Time in which the filter takes a cloud of fines down to a tenth, s; null: not known. */
  readonly clearing: number | null;
}

/** Days for which dust is looked for at least: it settles in hours, and a slow filter takes longer (calibrated). */
const DUST_DAYS = 2;

/**
 * What makes water cloudy after a repack: dust from new media or a bloom of bacteria. Without a reading of ammonia it says
 * that a test is needed.
 *
 * @source common practice, no source: dust clears within hours to days and ammonia stays low; a bloom comes with ammonia.
 */
export function cloudyCause({ days, rinsed, ammonia, clearing }: Cloudy): {
  readonly cause: 'dust' | 'bloom' | 'test first' | 'other';
  readonly said: Sentence;
} {
  const dustFor = Math.max(DUST_DAYS, (2 * (clearing ?? 0)) / DAY);
  if (ammonia === null)
    return {
      cause: 'test first',
      said: sentence`Test ammonia first. Dust and a bacterial bloom look the same; only a bloom raises ammonia.`,
    };
  if (ammonia > LIMITS.ammonia)
    return {
      cause: 'bloom',
      said: sentence`This is a bacterial bloom: ammonia is at ${{ kind: 'concentration', si: ammonia }}. Change water, feed less and leave the filter closed. It clears in one to two weeks.`,
    };
  if (days !== null && days <= dustFor && rinsed !== 'yes')
    return {
      cause: 'dust',
      said: sentence`This is dust from new media: ammonia is low and you have just repacked. The fine pad clears it in about ${{ kind: 'hours', si: clearing ?? DAY }}.`,
    };
  return {
    cause: 'other',
    said: sentence`This is neither dust nor a bloom: ammonia is low${rinsed === 'yes' ? ', and the media was rinsed' : ''}. Check for gaps beside the fine pad and for a full mechanical layer.`,
  };
}
