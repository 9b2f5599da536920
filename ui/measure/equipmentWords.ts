import type { Equipment } from '@/core/filter/equipment';

/** Parts of a body, as they are called. */
export const EQUIPMENT_WORDS: Readonly<Record<Equipment, string>> = {
  taps: 'taps on the hoses',
  heater: 'heater inside',
  'UV lamp': 'UV lamp',
  'air bleed': 'air-bleed tube',
  grid: 'grid over the last tray',
  'intake extension': 'intake extension',
  'spray bar': 'spray bar',
  'aerating outlet': 'aerating outlet',
  skimmer: 'surface skimmer',
  'cheap sleeve': 'cheap foam sleeve on the intake (lasts months, not years)',
};

/** Of a body, from outside. */
export const SIDES = ['length', 'width', 'height'] as const;
