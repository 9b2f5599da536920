/** Days between two points of a course that is kept. */
export const COURSE_STEP = 3;
