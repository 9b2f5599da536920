import { z } from 'zod';

/** Parts that a body has or has not, and that change what is checked, cautioned and advised. */
export const EQUIPMENT = [
  'taps',
  'heater',
  'UV lamp',
  'air bleed',
  'grid',
  'intake extension',
  'spray bar',
  'aerating outlet',
  'skimmer',
  'cheap sleeve',
] as const;
export const EquipmentSchema = z.enum(EQUIPMENT);
export type Equipment = z.infer<typeof EquipmentSchema>;
