import type { Intake } from './ports';

/** Outside diameter of an intake tube that was not measured, m (common practice, no source). */
const USUAL_TUBE = 0.016;

/** Outside diameter of a filter’s first intake tube, m: measured, or usual. */
export const tubeOf = (intakes: readonly Intake[]): number => intakes[0]?.tube ?? USUAL_TUBE;
