import { z } from 'zod';

export const FilterKindSchema = z.enum([
  'canister-centre-pipe',
  'canister-side-riser',
  'canister-down-flow',
  'canister-outside-in',
  'canister-prefilter',
  'hang-on-back-basket',
  'hang-on-back-cartridge',
  'internal-sponge',
  'internal-compartments',
  'composed',
]);
export type FilterKind = z.infer<typeof FilterKindSchema>;
