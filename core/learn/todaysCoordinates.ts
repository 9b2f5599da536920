import { LEARNED_KEYS } from '../dirt/learnedFactors';
import type { LogModel } from './logModel';

/** Places in a point of a log’s model of what holds today: the shared numbers, and the newest condition of the pump. */
export const todaysCoordinates = ({ stretches }: Pick<LogModel, 'stretches'>): number[] => [
  ...LEARNED_KEYS.map((_, place) => place),
  LEARNED_KEYS.length + (stretches.at(-1)?.epochs.at(-1)?.epoch ?? 0),
];
