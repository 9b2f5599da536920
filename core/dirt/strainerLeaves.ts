import type { Filter } from '../filter/filter';
import { PORT_BOUNDS } from '../filter/portBounds';
import { strainerArea } from '../hydraulics/intakeVelocity';

/** Share of the litter of floating plants that ends on a bare strainer (calibrated). */
const DRAWN_IN = 0.02;
/** Leaf and root that a kg of dry litter covers, m²/kg (calibrated: thin leaves of floating plants). */
const LEAF_AREA_PER_MASS = 20;

/** Leaf that lies on the strainers after a step, dry kg: what comes less what rots. */
export const leavesAfter = (before: number, litter: number, decay: number, days: number): number =>
  (before + litter * DRAWN_IN * days) * Math.exp(-decay * days);

/** Share of the strainers that leaves leave open, 0–1. */
export const leafOpen = (leaves: number, filter: Filter): number =>
  Math.max(
    PORT_BOUNDS.open.min,
    1 / (1 + (leaves * LEAF_AREA_PER_MASS) / (strainerArea(filter) * filter.intakes.length)),
  );
