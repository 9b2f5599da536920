import { z } from 'zod';

/**
 * The questions on which keepers disagree, each with its positions. The first position of each is where a keeper
 * begins who has not chosen.
 */
export const SchoolsSchema = z.object({
  finePad: z.enum(['before', 'after', 'both']),
  chemical: z.enum(['last', 'easy access', 'none', 'start only']),
  biologicalMedium: z.enum(['porous mineral', 'foam', 'scrubbers', 'as it came']),
  intakeSponge: z.enum(['always', 'never']),
  rings: z.enum(['little use', 'enough']),
  order: z.enum(['grades', 'any']),
  flossFirst: z.enum(['by choice', 'never']),
  fullness: z.enum(['every corner', 'leave room']),
  cartridges: z.enum(['replace', 'rotate', 'beside']),
  foamGrade: z.enum(['30 ppi', 'very coarse', 'dense']),
  foamCleaning: z.enum(['gently', 'hard']),
  rinseWater: z.enum(['tank water', 'tap water']),
  zeolite: z.enum(['emergency', 'never', 'porous home']),
  internalFoam: z.enum(['foam', 'mineral']),
  tapWater: z.enum(['no carbon', 'carbon']),
  sizing: z.enum(['turnover', 'media weight', 'food', 'never too much']),
});
export type Schools = z.infer<typeof SchoolsSchema>;
export type School = keyof Schools;
