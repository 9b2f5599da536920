import { USUAL_PROTEIN } from './feedBounds';
import type { Tank } from './tank';

/** Temperature of most community tanks, °C: where a new tank starts until it is measured (common practice, no source). */
export const USUAL_TEMPERATURE = 24;

/** A tank of which only the name and the net water, m³, are known. */
export const newTank = (id: string, name: string, volume: number): Tank => ({
  id,
  name,
  note: '',
  water: { how: 'known', volume },
  temperature: USUAL_TEMPERATURE,
  pH: null,
  generalHardness: null,
  carbonateHardness: null,
  altitude: 0,
  feed: { amount: null, protein: USUAL_PROTEIN },
  plants: 'some',
  litter: { perDay: null, floating: false },
  animals: [],
  circulation: [],
  airFilters: [],
  routine: { waterChange: null, tapNitrate: null, nitrateRemoved: 0 },
  cover: null,
  room: { temperature: null, humidity: null },
});
