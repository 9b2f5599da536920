/** Kinds of filters, in the order in which they are offered. */
export const FILTER_KIND_IDS = [
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
] as const;
