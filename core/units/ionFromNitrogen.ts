/**
 * Mass of the ion per mass of the nitrogen in it: what a test kit that reads "as NO3" shows for 1 mg/L as N.
 * From the atomic masses N 14.007, H 1.008, O 15.999 (IUPAC standard atomic weights, abridged).
 */
export const ION_FROM_NITROGEN = {
  ammonium: (14.007 + 4 * 1.008) / 14.007,
  nitrite: (14.007 + 2 * 15.999) / 14.007,
  nitrate: (14.007 + 3 * 15.999) / 14.007,
} as const;
