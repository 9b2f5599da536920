import { z } from 'zod';
import { bounded, type Bounds } from '../units/bounds';
import type { FilterKind } from './filterKind';
import { isCanister, isHangOnBack } from './filterKind';

export const PUMP_BOUNDS = {
  power: { what: 'Power', kind: 'power', min: 0, max: 500, aboveMin: true },
  head: { what: 'Head', kind: 'run', min: 0, max: 20, aboveMin: true },
  pointHead: { what: 'Head of the point', kind: 'run', min: 0, max: 20 },
  internalLoss: { what: 'Loss inside', kind: 'run', min: 0, max: 20 },
  pointFlow: { what: 'Flow of the point', kind: 'flow', min: 0, max: 20e-3 },
} as const satisfies Record<string, Bounds>;

/** Most points of an entered curve; makers print fewer. */
export const MOST_POINTS = 12;

/**
 * What is known of a pump beside its free flow: its head at no flow from the label, a curve point by point, or
 * nothing yet. Head m of water, flow m³/s, power W.
 */
export const PumpSchema = z.object({
  power: bounded(PUMP_BOUNDS.power).nullable().describe('Electric, W'),
  internalLoss: bounded(PUMP_BOUNDS.internalLoss)
    .nullable()
    .describe('Head that the body itself takes at the label’s flow, m; null: usual of the kind'),
  head: z.discriminatedUnion('by', [
    z.object({ by: z.literal('assumed') }),
    z.object({ by: z.literal('label'), shutOff: bounded(PUMP_BOUNDS.head).describe('At no flow, m') }),
    z.object({
      by: z.literal('curve'),
      points: z
        .array(z.object({ flow: bounded(PUMP_BOUNDS.pointFlow), head: bounded(PUMP_BOUNDS.pointHead) }))
        .min(2, 'A curve needs at least two points.')
        .max(MOST_POINTS, `A curve has at most ${MOST_POINTS} points.`)
        .superRefine((points, context) => {
          points.forEach((point, at) => {
            const before = points[at - 1];
            if (before === undefined) return;
            if (point.flow <= before.flow)
              context.addIssue({
                code: 'custom',
                path: [at, 'flow'],
                message: 'Points go from no flow to the greatest: make this flow larger than the one before.',
              });
            if (point.head > before.head)
              context.addIssue({
                code: 'custom',
                path: [at, 'head'],
                message: 'A pump lifts less as it gives more: make this head no larger than the one before.',
              });
          });
        }),
    }),
  ]),
});
export type Pump = z.infer<typeof PumpSchema>;

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
const LEAST_HEAD = 0.2;
const MOST_HEAD = 4;

/** Head at no flow, m, and where it comes from. */
export interface ShutOffHead {
  readonly value: number;
  readonly from: 'label' | 'curve' | 'power' | 'kind';
}

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
  return { value: Math.min(MOST_HEAD, Math.max(LEAST_HEAD, head)), from: 'power' };
}
