/** Parts and consumables that are kept on hand beside media. */
export const SPARES = [
  'lid seal',
  'silicone grease',
  'impeller',
  'hose, 1 m',
  'suction cup',
  'spray bar joint',
  'intake sponge',
  'dechlorinator',
  'water test kit',
  'other',
] as const;
export type Spare = (typeof SPARES)[number];
