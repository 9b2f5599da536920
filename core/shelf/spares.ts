/** Parts and consumables that are kept on hand beside media. */
export const SPARES = [
  'lid seal',
  'motor seal',
  'lid clip',
  'silicone grease',
  'impeller',
  'hose, 1 m',
  'hose collar',
  'tap',
  'intake tube',
  'suction cup',
  'spray bar joint',
  'levelling foot',
  'lid',
  'air-bleed tube',
  'grid',
  'intake sponge',
  'dechlorinator',
  'water test kit',
  'other',
] as const;
export type Spare = (typeof SPARES)[number];
