import { GRADES } from './grades';
import type { Medium } from './medium';

/** Place of the grade in the order coarse → polishing, or null for media without a grade. */
export const gradeRank = (medium: Medium): number | null =>
  medium.grade === null ? null : GRADES.indexOf(medium.grade);
