import { z } from 'zod';
import { bounded } from '../units/bounded';
import { HOSE_BOUNDS, HOSE_INSIDES } from './hoseBounds';

const MAX_BENDS = 40;

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
