import type { Bounds } from '../units/bounds';

export const PORT_BOUNDS = {
  depth: { what: 'Depth of the intake', kind: 'length', min: 0, max: 3 },
  tube: { what: 'Diameter of the intake tube', kind: 'gap', min: 2e-3, max: 0.2 },
  hose: { what: 'Length of its hose', kind: 'run', min: 0, max: 20 },
  /** Wholly blocked a pump would stand: a hundredth is as good as that, and stays a number. */
  open: { what: 'Share of the strainer that is open', kind: 'share', min: 0.01, max: 1 },
  aboveWater: { what: 'Outlet above the water', kind: 'length', min: 0, max: 2 },
} as const satisfies Record<string, Bounds>;
