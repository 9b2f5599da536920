/** What a keeper sees or hears when something is wrong. */
export const SYMPTOMS = [
  'weak flow',
  'water on the floor',
  'level at the rim',
  'noise',
  'cloudy water',
  'smelly water',
  'does not start',
] as const;
export type Symptom = (typeof SYMPTOMS)[number];
