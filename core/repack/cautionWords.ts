/*
 * Cautions that more than one step carries (common practice, no source).
 */

export const PLUGS =
  'Dry hands on plugs, a drip loop in the cable, an earth-leakage breaker (RCD, GFCI) on the circuit. Wiring is for a licensed electrician and the local code.';
export const SIPHON = 'Never open a motor, a hose or the body while water can siphon through it.';
export const HEAVY = 'A wet canister is heavy: two hands, or two people.';
export const NEVER_DRY = 'Never run the pump dry.';
