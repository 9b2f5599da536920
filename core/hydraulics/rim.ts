import type { Spill } from '../filter/spill';

/** How far a hang-on-back leans back when its foot is missing and the lean was not measured, rad (calibrated: 3°). */
export const LEAN_WITHOUT_FOOT = (3 * Math.PI) / 180;

/** How far it leans back, rad: as measured, or as without its foot. */
export const leansBack = ({ foot, tilt }: Spill): number =>
  tilt > 0 ? tilt : foot === 'missing' ? LEAN_WITHOUT_FOOT : 0;

/** How much lower that puts the rim at the back, m. */
export const rimLoweredBy = (spill: Spill): number => Math.tan(leansBack(spill)) * spill.hangerToBack;

/** Height of the lowest rim over the lip, m; below 0 the lip itself stands higher than the rim. */
export const rimAboveLip = (spill: Spill): number => spill.rimAboveLip - rimLoweredBy(spill);
