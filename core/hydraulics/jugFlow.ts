import { sum, sumOf } from '../maths/sum';

/** A flow timed with a jug. m³/s. */
export interface JugFlow {
  /** One flow a filling, in the order they were timed. */
  readonly flows: readonly number[];
  readonly mean: number;
  /** Sample standard deviation of the fillings; null when there is only one. */
  readonly spread: number | null;
}

/**
 * Flow from filling a jug: volume ÷ time, the mean of the fillings, and their spread.
 *
 * @param jugVolume m³, more than 0
 * @param seconds time to the mark of each filling, each more than 0; at least one
 * @source definition; spread with n − 1 (Bessel).
 * @throws RangeError when there is no filling, or a volume or time is not more than 0
 * @example jugFlow(0.001, [9.9, 10, 10.1]) // { mean: 0.0001, spread: 0.000001 }
 */
export function jugFlow(jugVolume: number, seconds: readonly number[]): JugFlow {
  if (seconds.length === 0) throw new RangeError('At least one filling is needed.');
  if (!(jugVolume > 0) || !seconds.every((time) => time > 0))
    throw new RangeError('The jug’s volume and every time must be more than zero.');
  const flows = seconds.map((time) => jugVolume / time);
  const mean = sum(flows) / flows.length;
  const squares = sumOf(flows, (flow) => (flow - mean) ** 2);
  return { flows, mean, spread: flows.length > 1 ? Math.sqrt(squares / (flows.length - 1)) : null };
}
