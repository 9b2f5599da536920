import { z } from 'zod';

/** Where a number comes from; every default carries one and the app shows it. */
export const ProvenanceSchema = z.enum([
  'published',
  'calibrated',
  'common practice',
  'from memory',
  'entered by you',
]);
export type Provenance = z.infer<typeof ProvenanceSchema>;
