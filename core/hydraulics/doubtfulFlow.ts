import { sentence, type Sentence } from '../units/sentence';
import { jugFlow } from './jugFlow';

/** A pump gives its label’s flow with nothing in the way, and labels are rounded: more than this share of it cannot be. */
const ABOVE_LABEL = 1.15;
/** Fillings of one reading that are further apart than this, largest over smallest, were not of one flow (calibrated). */
const MAX_FILLING_RATIO = 1.5;

/**
 * What speaks against a flow timed with a jug, before it is saved; null: nothing does.
 *
 * @param labelFlow of all pumps together, m³/s
 * @param seconds of each filling; at least one
 * @example doubtfulFlow(1.5e-4, 2e-3, [16]) // null
 */
export function doubtfulFlow(
  labelFlow: number,
  jugVolume: number,
  seconds: readonly number[],
): Sentence | null {
  const { mean } = jugFlow(jugVolume, seconds);
  if (mean > ABOVE_LABEL * labelFlow)
    return sentence`${{ kind: 'flow', si: mean }} is more than the label’s ${{ kind: 'flow', si: labelFlow }}. Check the litres of the jug and the times, or the label flow under Measure.`;
  const [shortest, longest] = [Math.min(...seconds), Math.max(...seconds)];
  if (longest > MAX_FILLING_RATIO * shortest)
    return sentence`The fillings differ too much: ${{ kind: 'time', si: shortest }} and ${{ kind: 'time', si: longest }}. Delete the one that went wrong, or time it again.`;
  return null;
}
