import type { Filter } from '../filter/filter';
import type { Hoses } from '../filter/hoses';
import { GRAVITY, type Fluid } from './fluid';
import { frictionFactor } from './frictionFactor';

/** Wall roughness of a hose by how it looks inside, m, and how much a lining narrows its bore, m (calibrated). */
export const HOSE_ROUGHNESS = { clean: 1.5e-6, film: 2e-4, furred: 6e-4 } as const;
const LINING = { clean: 0, film: 2e-4, furred: 1.2e-3 } as const;

/*
 * Losses of fittings in velocity heads (from memory: handbook values of small plumbing, rounded). A canister with taps
 * and four bends comes to about 7.
 */
const K_STRAINER = 1.6;
const K_TAP = 0.25;
/** Quick-release blocks have one on each hose, with two passages each. */
const TAPS = 4;
const K_BEND = 0.3;
const K_BODY = 1.2;
const K_EXIT = 1;
const K_SPRAY_BAR = 2;

/** How the hoses of a filter take head: parts of its intake and its outlet side, each shared by its branches. */
export interface HoseLine {
  readonly hoses: Hoses;
  readonly intakes: number;
  readonly outlets: number;
  readonly intakeK: number;
  readonly outletK: number;
}

/** Sums of the fittings’ losses on both sides, in velocity heads. */
export function hoseLine({ hoses, intakes, outlets, equipment }: Filter): HoseLine | null {
  if (hoses === null) return null;
  const taps = equipment.includes('taps') ? (K_TAP * TAPS) / 2 : 0;
  const bends = (K_BEND * hoses.bends) / 2;
  const spray = equipment.includes('spray bar') ? K_SPRAY_BAR : 0;
  return {
    hoses,
    intakes: intakes.length,
    outlets: outlets.length,
    intakeK: K_STRAINER + taps + bends + K_BODY / 2,
    outletK: K_EXIT + taps + bends + spray + K_BODY / 2,
  };
}

/**
 * Head that the hoses take, m of water. Several intakes or outlets are equal branches: each carries its share.
 *
 * @param flow m³/s, 0 or more
 * @param intakeOpen share of the strainer that is not clogged, 0–1
 * @source Darcy–Weisbach with minor losses.
 */
export function hoseHead(line: HoseLine, flow: number, fluid: Fluid, intakeOpen = 1): number {
  const { hoses } = line;
  const clogged = K_STRAINER / intakeOpen ** 2 - K_STRAINER;
  return (
    branchHead(hoses, hoses.intake, line.intakeK + clogged, flow / line.intakes, fluid) +
    branchHead(hoses, hoses.outlet, line.outletK, flow / line.outlets, fluid)
  );
}

/** Bore that is left inside the lining, m: a hose of a millimetre furred up still lets a thread of water through. */
export const boreInside = ({ bore, inside }: Hoses): number =>
  Math.max(bore - 2 * LINING[inside], bore * 0.3);

function branchHead(hoses: Hoses, length: number, fittings: number, flow: number, fluid: Fluid): number {
  if (flow <= 0) return 0;
  const bore = boreInside(hoses);
  const velocity = flow / ((Math.PI / 4) * bore ** 2);
  const reynolds = (fluid.density * velocity * bore) / fluid.viscosity;
  const roughness = Math.min(0.05, HOSE_ROUGHNESS[hoses.inside] / bore);
  const friction = (frictionFactor(reynolds, roughness) * length) / bore;
  return ((friction + fittings) * velocity ** 2) / (2 * GRAVITY);
}
