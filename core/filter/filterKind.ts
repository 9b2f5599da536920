import { z } from 'zod';
import { FILTER_KIND_IDS } from './filterKindIds';

export const FilterKindSchema = z.enum(FILTER_KIND_IDS);
export type FilterKind = z.infer<typeof FilterKindSchema>;
