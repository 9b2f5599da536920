import type { Geometry } from '../media/geometry';

/** Sludge lies loose between the struts of foam, as settled sludge does (1 to 5 % dry), and closes five times its room (calibrated). */
const IN_FOAM = 5;

/** How many times the room of packed sludge the sludge in a bed takes: fibre presses it, foam lets it lie. */
export const loosenessIn = ({ form }: Geometry): number => (form === 'foam' ? IN_FOAM : 1);
