import { z } from 'zod';

/** How densely a tank is planted. */
export const PlantsSchema = z.enum(['none', 'some', 'dense']);
export type Plants = z.infer<typeof PlantsSchema>;
