import { z } from 'zod';
import type { Bounds } from '../units/bounds';
import { bounded } from '../units/bounded';

export const PUMP_BOUNDS = {
  power: { what: 'Power', kind: 'power', min: 0, max: 500, aboveMin: true },
  head: { what: 'Maximum head', kind: 'run', min: 0, max: 20, aboveMin: true },
  pointHead: { what: 'Height at this point', kind: 'run', min: 0, max: 20 },
  internalLoss: { what: 'Loss inside', kind: 'run', min: 0, max: 20 },
  output: { what: 'Output with hoses', kind: 'flow', min: 0, max: 20e-3, aboveMin: true },
  pointFlow: { what: 'Flow at this point', kind: 'flow', min: 0, max: 20e-3 },
} as const satisfies Record<string, Bounds>;

/** Most points of an entered curve; makers print fewer. */
export const MAX_POINTS = 12;

/**
 * What is known of a pump beside its free flow: its head at no flow from the label, a curve point by point, or
 * nothing yet. Head m of water, flow m³/s, power W.
 */
export const PumpSchema = z.object({
  power: bounded(PUMP_BOUNDS.power).nullable().describe('Electric, W'),
  internalLoss: bounded(PUMP_BOUNDS.internalLoss)
    .nullable()
    .describe(
      'Pressure lost in the body itself at the labelled flow, m of water; null: typical for the kind',
    ),
  head: z.discriminatedUnion('by', [
    z.object({ by: z.literal('assumed') }),
    z.object({ by: z.literal('label'), shutOff: bounded(PUMP_BOUNDS.head).describe('At no flow, m') }),
    z.object({
      by: z.literal('curve'),
      points: z
        .array(z.object({ flow: bounded(PUMP_BOUNDS.pointFlow), head: bounded(PUMP_BOUNDS.pointHead) }))
        .min(2, 'A curve needs at least two points.')
        .max(MAX_POINTS, `A curve has at most ${MAX_POINTS} points.`)
        .superRefine((points, context) => {
          points.forEach((point, index) => {
            const before = points[index - 1];
            if (before === undefined) return;
            if (point.flow <= before.flow)
              context.addIssue({
                code: 'custom',
                path: [index, 'flow'],
                message:
                  'Enter the points from no flow to full flow. This flow must be larger than the one before.',
              });
            if (point.head > before.head)
              context.addIssue({
                code: 'custom',
                path: [index, 'head'],
                message:
                  'The more a pump delivers, the less high it lifts. This height must not be larger than the one before.',
              });
          });
        }),
    }),
  ]),
});
export type Pump = z.infer<typeof PumpSchema>;
