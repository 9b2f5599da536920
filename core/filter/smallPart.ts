import { z } from 'zod';
import { PART_STATES } from './partStates';

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
export const PartStateSchema = z.enum(PART_STATES);
export type PartState = z.infer<typeof PartStateSchema>;
/** Parts that were looked at, each with what was seen. */
export type PartsSeen = Readonly<Partial<Record<SmallPart, PartState>>>;
