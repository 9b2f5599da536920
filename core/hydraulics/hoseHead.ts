import type { Filter } from '../filter/filter';
import type { Hoses } from '../filter/hoses';
import { GRAVITY, type Fluid } from './fluid';
import { frictionFactor } from './frictionFactor';
import { solveFalling } from './solve';

/** Wall roughness of a hose by how it looks inside, m, and how much a lining narrows its bore, m (calibrated). */
export const HOSE_ROUGHNESS = { clean: 1.5e-6, film: 2e-4, furred: 6e-4 } as const;
const LINING = { clean: 0, film: 2e-4, furred: 1.2e-3 } as const;

/*
 * Losses of fittings in velocity heads (from memory: handbook values of small plumbing, rounded). A canister with taps
 * and four bends comes to 7.
 */
const K_STRAINER = 1.6;
const K_TAP = 0.25;
/** Quick-release blocks have one on each hose, with two passages each. */
const TAPS = 4;
const K_BEND = 0.3;
const K_BODY = 2.2;
const K_EXIT = 1;
const K_SPRAY_BAR = 2;

/** One of several hoses side by side: its length, m, and its fittings, velocity heads. */
export interface Branch {
  readonly length: number;
  readonly fittings: number;
}

/** How the hoses of a filter take head: its branches to the filter and back. */
export interface HoseLine {
  readonly hoses: Hoses;
  readonly intakes: readonly Branch[];
  readonly outlets: readonly Branch[];
}

/** Velocity heads that a clogged strainer takes beyond a clean one: the water squeezes through what is open. */
export const cloggedK = (open: number): number => K_STRAINER / open ** 2 - K_STRAINER;

/** The branches of a filter’s hoses with their fittings; null for filters without hoses. */
export function hoseLine({ hoses, intakes, outlets, equipment }: Filter): HoseLine | null {
  if (hoses === null) return null;
  const taps = equipment.includes('taps') ? (K_TAP * TAPS) / 2 : 0;
  const bends = (K_BEND * hoses.bends) / 2;
  const spray = equipment.includes('spray bar') ? K_SPRAY_BAR : 0;
  return {
    hoses,
    intakes: intakes.map(({ hose, open }) => ({
      length: hose ?? hoses.intake,
      fittings: K_STRAINER + cloggedK(open) + taps + bends + K_BODY / 2,
    })),
    outlets: outlets.map(({ hose }) => ({
      length: hose ?? hoses.outlet,
      fittings: K_EXIT + taps + bends + spray + K_BODY / 2,
    })),
  };
}

/**
 * Head that the hoses take, m of water. Several intakes or outlets are branches of equal head.
 *
 * @param flow m³/s, 0 or more
 * @source Darcy–Weisbach with minor losses.
 */
export const hoseHead = (line: HoseLine, flow: number, fluid: Fluid): number =>
  shareOut(line.hoses, line.intakes, flow, fluid).head + shareOut(line.hoses, line.outlets, flow, fluid).head;

/** Share of a flow to which its parts are found. */
const PRECISION = 1e-9;

/**
 * How a flow shares itself over hoses side by side: the head all of them lose, m, and the flow in each, m³/s.
 *
 * @param flow m³/s, 0 or more
 * @source continuity, with the same head lost in every branch.
 */
export function shareOut(
  hoses: Hoses,
  branches: readonly Branch[],
  flow: number,
  fluid: Fluid,
): { readonly head: number; readonly flows: readonly number[] } {
  const [first] = branches;
  if (first === undefined) return { head: 0, flows: [] };
  const alike = branches.every(
    ({ length, fittings }) => length === first.length && fittings === first.fittings,
  );
  const each = flow / branches.length;
  if (alike || flow <= 0)
    return { head: branchHead(hoses, first, each, fluid), flows: branches.map(() => each) };
  const flowsAt = (head: number): number[] =>
    branches.map((branch) =>
      solveFalling((part) => head - branchHead(hoses, branch, part, fluid), 0, flow, flow * PRECISION),
    );
  const most = Math.max(...branches.map((branch) => branchHead(hoses, branch, each, fluid)));
  const head = solveFalling(
    (value) => flow - flowsAt(value).reduce((sum, part) => sum + part, 0),
    0,
    most,
    most * PRECISION,
  );
  return { head, flows: flowsAt(head) };
}

/** Bore that is left inside the lining, m: a hose of a millimetre furred up still lets a thread of water through. */
export const boreInside = ({ bore, inside }: Hoses): number =>
  Math.max(bore - 2 * LINING[inside], bore * 0.3);

function branchHead(hoses: Hoses, { length, fittings }: Branch, flow: number, fluid: Fluid): number {
  if (flow <= 0) return 0;
  const bore = boreInside(hoses);
  const velocity = flow / ((Math.PI / 4) * bore ** 2);
  const reynolds = (fluid.density * velocity * bore) / fluid.viscosity;
  const roughness = Math.min(0.05, HOSE_ROUGHNESS[hoses.inside] / bore);
  const friction = (frictionFactor(reynolds, roughness) * length) / bore;
  return ((friction + fittings) * velocity ** 2) / (2 * GRAVITY);
}
