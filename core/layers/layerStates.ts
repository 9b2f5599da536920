export const DIRT_STATES = ['clean', 'dusted', 'loaded', 'blocked'] as const;

/** What can be seen, smelt and felt of a worn piece. */
export const WEAR_SIGNS = ['damaged', 'foul', 'brittle'] as const;

/** What happens to a piece that came out. */
export const TREATMENTS = [
  'keep',
  'squeeze',
  'rinse',
  'recharge',
  'move',
  'cut',
  'replace in stages',
  'spare',
  'throw away',
] as const;
