/** Media that stand first where one is chosen. */
export const MAX_FIRST_MEDIA = 8;

/** Media that most filters hold, in the order of the water (common practice, no source). */
export const USUAL_MEDIA = [
  'foam-15',
  'foam-30',
  'foam-45',
  'floss-bonded',
  'rings-dense',
  'porous-ceramic',
  'sintered-glass',
  'carbon',
] as const;
