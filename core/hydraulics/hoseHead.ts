import type { Filter } from '../filter/filter';
import type { Hoses } from '../filter/hoses';
import { GRAVITY, type Fluid } from './fluid';
import { frictionFactor } from './frictionFactor';
import { solveFalling } from '../maths/solveFalling';
import { sum } from '../maths/sum';

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
const QUICK_RELEASE_PASSAGES = 4;
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
  const taps = equipment.includes('taps') ? (K_TAP * QUICK_RELEASE_PASSAGES) / 2 : 0;
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
 * Head that the hoses take at a flow, m of water; flow m³/s, 0 or more. Several intakes or outlets are branches of
 * equal head; how they shared the flow that was asked about last is where the next answer begins.
 *
 * @source Darcy–Weisbach with minor losses.
 */
export function hoseHead({ hoses, intakes, outlets }: HoseLine, fluid: Fluid): (flow: number) => number {
  let there = shareOut(hoses, intakes, 0, fluid);
  let back = shareOut(hoses, outlets, 0, fluid);
  return (flow) => {
    there = shareOut(hoses, intakes, flow, fluid, there);
    back = shareOut(hoses, outlets, flow, fluid, back);
    return there.head + back.head;
  };
}

/** Head that the hoses take at a flow, m of water, and how their branches share it, 0–1 each; all alike without a flow. */
export function hoseShares(
  { hoses, intakes, outlets }: HoseLine,
  flow: number,
  fluid: Fluid,
): { readonly head: number; readonly intakes: readonly number[]; readonly outlets: readonly number[] } {
  const there = shareOut(hoses, intakes, flow, fluid);
  const back = shareOut(hoses, outlets, flow, fluid);
  const shares = ({ flows }: Shared): number[] =>
    flows.map((part) => (flow > 0 ? part / flow : 1 / flows.length));
  return { head: there.head + back.head, intakes: shares(there), outlets: shares(back) };
}

/** Share of a flow to which its parts are found. */
const PRECISION = 1e-9;

/**
 * How a flow shares itself over hoses side by side: the head all of them lose, m, and the flow in each, m³/s.
 *
 * @param flow m³/s, 0 or more
 * @param near how a flow near it shared itself: a guess to begin from
 * @source continuity, with the same head lost in every branch: the gradient method of Todini & Pilati 1988 (Computer
 *   Applications in Water Supply 1, 1) for pipes side by side; by brackets where that does not come to rest.
 */
export function shareOut(
  hoses: Hoses,
  branches: readonly Branch[],
  flow: number,
  fluid: Fluid,
  near: Shared | null = null,
): Shared {
  const [first] = branches;
  if (first === undefined) return { head: 0, flows: [] };
  const alike = branches.every(
    ({ length, fittings }) => length === first.length && fittings === first.fittings,
  );
  const each = flow / branches.length;
  if (alike || flow <= 0)
    return { head: branchHead(hoses, first, each, fluid), flows: branches.map(() => each) };
  return shareByGradient(hoses, branches, flow, fluid, near) ?? shareByBracket(hoses, branches, flow, fluid);
}

/** A flow shared over hoses side by side: the head that all of them lose, m, and the flow in each, m³/s. */
interface Shared {
  readonly head: number;
  readonly flows: readonly number[];
  /** By what power of its flow the head of each goes, where that was found: it hardly changes with the flow. */
  readonly powers?: readonly number[];
}

/**
 * Share of a flow by which its power is taken, least share of a flow that a step leaves, and most steps; a step that moves by so
 * little is the last, since the next would move by a hundredth of it.
 */
const SLOPE_STEP = 1e-5;
const MIN_LEFT = 0.1;
const LAST_MOVED = 1e-8;
const MAX_STEPS = 20;

/** Newton’s method on all branches at once; null where it does not come to rest. */
function shareByGradient(
  hoses: Hoses,
  branches: readonly Branch[],
  flow: number,
  fluid: Fluid,
  near: Shared | null,
): Shared | null {
  const before = near === null ? 0 : sum(near.flows);
  const flows = branches.map((_, index) =>
    before > 0 ? (near!.flows[index]! * flow) / before : flow / branches.length,
  );
  const headOf = (index: number, part: number): number => branchHead(hoses, branches[index]!, part, fluid);
  const powers =
    near?.powers ??
    flows.map(
      (part, index) => (headOf(index, part * (1 + SLOPE_STEP)) / headOf(index, part) - 1) / SLOPE_STEP,
    );
  const heads = new Float64Array(branches.length);
  const eases = new Float64Array(branches.length);
  for (let step = 0; step < MAX_STEPS; step += 1) {
    let [rest, ease] = [flow, 0];
    for (let index = 0; index < branches.length; index += 1) {
      const part = flows[index]!;
      heads[index] = headOf(index, part);
      eases[index] = part / (powers[index]! * heads[index]!);
      rest -= part - heads[index]! * eases[index]!;
      ease += eases[index]!;
    }
    const head = rest / ease;
    let moved = 0;
    for (let index = 0; index < branches.length; index += 1) {
      const part = flows[index]!;
      const next = Math.max(MIN_LEFT * part, part + (head - heads[index]!) * eases[index]!);
      moved = Math.max(moved, Math.abs(next - part));
      flows[index] = next;
    }
    if (moved <= flow * LAST_MOVED) return { head, flows, powers };
  }
  return null;
}

/** The same by brackets within brackets: slow, and always ends. */
function shareByBracket(hoses: Hoses, branches: readonly Branch[], flow: number, fluid: Fluid): Shared {
  const each = flow / branches.length;
  const flowsAt = (head: number): number[] =>
    branches.map((branch) =>
      solveFalling((part) => head - branchHead(hoses, branch, part, fluid), 0, flow, flow * PRECISION),
    );
  const most = Math.max(...branches.map((branch) => branchHead(hoses, branch, each, fluid)));
  const head = solveFalling((value) => flow - sum(flowsAt(value)), 0, most, most * PRECISION);
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
