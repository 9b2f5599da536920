/**
 * Share of a filter’s bacteria that may leave at once at most, and from which a piece is never thrown out in one go; the trade
 * says a third at a time (common practice, no source).
 */
export const MAX_LEAVING_SHARE = 0.5;
