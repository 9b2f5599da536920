import type { Filter } from '../filter/filter';
import { tubeOf } from '../filter/tubeOf';
import { GRAVITY } from './fluid';
import { cloggedK } from './hoseHead';
import { sumOf } from '../maths/sum';

/**
 * Head that clogged strainers take on a filter without hoses, m of water: what a clean one takes is counted with the
 * body. Several intakes share the flow alike.
 *
 * @param flow m³/s, 0 or more
 * @source K·v²/2g in the intake tube, K over the square of the open share.
 */
export function strainerHead({ hoses, intakes }: Filter, flow: number): number {
  if (hoses !== null) return 0;
  const open = sumOf(intakes, (intake) => intake.open) / intakes.length;
  const velocity = flow / intakes.length / ((Math.PI / 4) * tubeOf(intakes) ** 2);
  return (cloggedK(open) * velocity ** 2) / (2 * GRAVITY);
}
