/** How a small part was found. */
export const PART_STATES = ['fine', 'worn', 'missing'] as const;
