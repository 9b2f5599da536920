/**
 * The most serious first. `urgent`: water or animals at risk now. `check`: works worse than it could. `note`: a choice with its
 * reason.
 */
export const FINDING_LEVELS = ['urgent', 'check', 'note'] as const;
export type FindingLevel = (typeof FINDING_LEVELS)[number];
