import { HOUR } from '../units/time';
import type { Hoses } from './hoses';

/** Hoses of a usual cabinet, to be measured and typed over (common practice, no source). */
export const USUAL_HOSES: Hoses = {
  bore: 0.0155,
  intake: 1.4,
  outlet: 1.4,
  bends: 4,
  inside: 'film',
  height: 0.6,
};

/** Bores of hoses that are sold, m, and the label flow up to which each is usual, m³/s (common practice, no source). */
const BORES: readonly (readonly [upTo: number, bore: number])[] = [
  [700e-3 / HOUR, 0.0125],
  [1400e-3 / HOUR, 0.0155],
  [2600e-3 / HOUR, 0.019],
];

const MAX_BORE = 0.025;

/** Bore of hose that is usual for a label flow, m. */
export const usualBore = (labelFlow: number): number =>
  BORES.find(([upTo]) => labelFlow <= upTo)?.[1] ?? MAX_BORE;
