import { SERVICE_SHARE } from '../practice/serviceShare';
import type { Verdict } from '../report/verdict';
import { sentence } from '../units/sentence';
import type { FlowState } from './flowState';

/**
 * What the flows measured by jug say of a filter.
 *
 * @param limitShare share of the clean flow at which service is due, see outletLimit; null where the water has a way past
 *   the media: there a weak outlet is the pump’s or the intake’s
 */
export function flowVerdict(
  { latest, share }: FlowState,
  limitShare: number | null = SERVICE_SHARE,
): Verdict {
  if (latest === null)
    return {
      level: 'empty',
      state: sentence`You have not measured the flow of this pack.`,
      next: sentence`Hold a jug under the outlet and time how long it takes to fill to the mark. Do this three times.`,
    };
  const { mean, spread } = latest.flow;
  const next = sentence`Latest reading: ${{ kind: 'flow', si: mean }}${spread === null ? '' : sentence`, ±${{ kind: 'flow', si: spread }}`}.`;
  if (share === null)
    return {
      level: 'works',
      state: sentence`The clean flow is not known. Measure it after the next repack.`,
      next,
    };
  const limit = { kind: 'share', si: SERVICE_SHARE } as const;
  return share < SERVICE_SHARE
    ? {
        level: 'check',
        state: sentence`Needs service now: flow is at ${{ kind: 'share', si: share }} of clean, the limit is ${limit}.`,
        next,
      }
    : {
        level: 'works',
        state:
          limitShare === null
            ? sentence`Flow is at ${{ kind: 'share', si: share }} of clean. Water can go around the media, so the outlet flow hardly drops.`
            : sentence`Flow is at ${{ kind: 'share', si: share }} of clean; service is due at ${limit}.`,
        next,
      };
}
