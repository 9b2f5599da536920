import type { Bounds } from '../units/bounds';

export const HOSE_BOUNDS = {
  bore: { what: 'Bore of the hose', kind: 'gap', min: 1e-3, max: 0.1 },
  intake: { what: 'Hose to the filter', kind: 'run', min: 0, max: 20 },
  outlet: { what: 'Hose back to the tank', kind: 'run', min: 0, max: 20 },
  height: { what: 'Height of the tank’s water above the filter', kind: 'run', min: -2, max: 10 },
} as const satisfies Record<string, Bounds>;

/** How the inside of the hoses looks: a film grows within weeks and costs flow. */
export const HOSE_INSIDES = ['clean', 'film', 'furred'] as const;
