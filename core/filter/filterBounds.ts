import type { Bounds } from '../units/bounds';

export const FILTER_BOUNDS = {
  labelFlow: { what: 'Label flow', kind: 'flow', min: 0, max: 20e-3, aboveMin: true },
  tankRating: { what: 'Tank size printed on the box', kind: 'volume', min: 1e-3, max: 50 },
  bodyWidth: { what: 'Body width', kind: 'length', min: 0.02, max: 2 },
  bodyHeight: { what: 'Body height', kind: 'length', min: 0.02, max: 2 },
  outside: { what: 'Side of the body, outside', kind: 'length', min: 0.02, max: 2 },
  equipmentK: { what: 'Loss at the heater or lamp', kind: 'plain', min: 0, max: 50 },
  cleanedEvery: { what: 'Days between cleanings', kind: 'plain', min: 1, max: 90 },
  place: { what: 'Place in the body', kind: 'length', min: -2, max: 2 },
} as const satisfies Record<string, Bounds>;
