import { z } from 'zod';

/** The small parts that are looked at while a filter is open. */
export const SMALL_PARTS = [
  'seal',
  'motor seal',
  'clips',
  'impeller',
  'impeller well',
  'intake tube',
  'suction cups',
  'hoses',
  'hose collars',
  'taps',
  'levelling foot',
  'lid',
  'air bleed',
  'grid',
  'packing',
] as const;
export const SmallPartSchema = z.enum(SMALL_PARTS);
export type SmallPart = z.infer<typeof SmallPartSchema>;
