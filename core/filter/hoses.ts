import { z } from 'zod';
import type { Bounds } from '../units/bounds';
import { bounded } from '../units/bounded';
import { HOUR } from '../units/time';

export const HOSE_BOUNDS = {
  bore: { what: 'Bore of the hose', kind: 'gap', min: 1e-3, max: 0.1 },
  intake: { what: 'Hose to the filter', kind: 'run', min: 0, max: 20 },
  outlet: { what: 'Hose back to the tank', kind: 'run', min: 0, max: 20 },
  height: { what: 'Height of the tank’s water above the filter', kind: 'run', min: -2, max: 10 },
} as const satisfies Record<string, Bounds>;

const MAX_BENDS = 40;

/** How the inside of the hoses looks: a film grows within weeks and costs flow. */
export const HOSE_INSIDES = ['clean', 'film', 'furred'] as const;

/** The hoses between a tank and a filter that stands apart from it. Lengths m. */
export const HosesSchema = z.object({
  bore: bounded(HOSE_BOUNDS.bore),
  intake: bounded(HOSE_BOUNDS.intake).describe('Length from the tank to the filter'),
  outlet: bounded(HOSE_BOUNDS.outlet).describe('Length from the filter back to the tank'),
  bends: z
    .int('The number of bends must be a whole number.')
    .min(0, 'The number of bends must be 0 or more.')
    .max(MAX_BENDS, `Bends must be at most ${MAX_BENDS}.`),
  inside: z.enum(HOSE_INSIDES),
  height: bounded(HOSE_BOUNDS.height).describe('Height of the tank’s water above the filter’s lid'),
});
export type Hoses = z.infer<typeof HosesSchema>;

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
