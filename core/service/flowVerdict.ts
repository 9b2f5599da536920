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
      state: sentence`The flow of this pack was never measured.`,
      next: sentence`Hold a jug under the outlet and time it to the mark, three times.`,
    };
  const { mean, spread } = latest.flow;
  const next = sentence`The newest reading: ${{ kind: 'flow', si: mean }}${spread === null ? '' : sentence`, ±${{ kind: 'flow', si: spread }}`}.`;
  if (share === null)
    return {
      level: 'works',
      state: sentence`The clean flow is not known: measure it after the next repack.`,
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
            ? sentence`Flow is at ${{ kind: 'share', si: share }} of clean. Water that the media hold back goes past them, so the outlet hardly weakens.`
            : sentence`Flow is at ${{ kind: 'share', si: share }} of clean; service is due at ${limit}.`,
        next,
      };
}
