/** Mechanical grades from open to close; the order is the order in which water should meet them. */
export const GRADES = ['coarse', 'medium', 'fine', 'polishing'] as const;
