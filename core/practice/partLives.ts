/*
 * How long parts of a filter go without a hand, days (common practice, no source): film grows in hoses within weeks and
 * costs flow; an impeller fouls over a season; a seal dries within half a year; the tube of a UV lamp fades within a year,
 * though it still glows; a cheap sleeve on an intake goes soft within a few months; the sponge of an air-driven filter is
 * squeezed every two to four weeks.
 */
export const PART_LIVES = { hoses: 60, impeller: 90, seal: 180, lamp: 365, sleeve: 120, air: 28 } as const;

/** Days after which a sponge on the intake is looked at, whatever its forecast says (common practice, no source). */
export const SPONGE_LOOK = 7;
