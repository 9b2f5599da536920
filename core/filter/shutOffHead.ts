import type { FilterKind } from './filterKind';
import { isCanister, isHangOnBack } from './kindFamily';
import type { Pump } from './pump';

/** Head at no flow, m, and where it comes from. */
export interface ShutOffHead {
  readonly value: number;
  readonly from: 'label' | 'curve' | 'power' | 'kind';
}

/** Head at no flow that is usual of a kind when nothing is known, m (calibrated: typical of small pumps, from memory). */
const USUAL_HEAD = { canister: 1.8, hangOnBack: 0.6, internal: 0.7 } as const;

/**
 * Share of the electric power that the water gets at the pump's best point (calibrated: small motors waste most of it,
 * those that only push water over a lip waste more).
 */
const BEST_SHARE = { canister: 0.1, hangOnBack: 0.05, internal: 0.05 } as const;

/** At the best point of H = H0·(1 − (Q/Q0)^1.5) the water gets this share of ρ·g·H0·Q0; from the curve's maximum. */
const BEST_OF_CURVE = 0.326;

const WEIGHT_OF_WATER = 998.2 * 9.80665;

/** What an estimate from power is held to, m. */
const MIN_HEAD = 0.2;

const MAX_HEAD = 4;

/**
 * Head of a pump at no flow: from its label or curve, else from its power, else what is usual of the kind.
 *
 * @param labelFlow free flow, m³/s
 * @source hydraulic power ρ·g·Q·H at the best point of the pump curve with exponent 1.5; shares above calibrated.
 */
export function shutOffHead(kind: FilterKind, pump: Pump, labelFlow: number): ShutOffHead {
  if (pump.head.by === 'label') return { value: pump.head.shutOff, from: 'label' };
  if (pump.head.by === 'curve') {
    const [first] = pump.head.points;
    return { value: first?.head ?? 0, from: 'curve' };
  }
  const sort = isCanister(kind) ? 'canister' : isHangOnBack(kind) ? 'hangOnBack' : 'internal';
  if (pump.power === null) return { value: USUAL_HEAD[sort], from: 'kind' };
  const head = (pump.power * BEST_SHARE[sort]) / (BEST_OF_CURVE * WEIGHT_OF_WATER * labelFlow);
  return { value: Math.min(MAX_HEAD, Math.max(MIN_HEAD, head)), from: 'power' };
}
