/** Share of a piece, or of an air-driven filter, that is given away at most (common practice, no source: a third at a time). */
export const MAX_DONOR_SHARE = 1 / 3;
