/** Sheets of paper a template is printed on, mm. */
export const PAPERS = {
  a4: { name: 'A4', width: 210, height: 297 },
  letter: { name: 'Letter', width: 215.9, height: 279.4 },
} as const;
export type Paper = keyof typeof PAPERS;

/** Length of the bar by which a print is checked, mm. */
export const CHECK_BAR = 100;
/** Margin that every printer leaves white, and how far neighbouring tiles overlap, mm. */
export const MARGIN_MM = 12;
export const OVERLAP = 10;
/** Room at the foot of a page for the check bar and the words, mm. */
export const FOOT_MM = 26;
