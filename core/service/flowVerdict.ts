import { SERVICE_SHARE } from '../practice/serviceShare';
import type { Verdict } from '../report/verdict';
import { sentence } from '../units/sentence';
import type { FlowState } from './flowState';

/** What the flows measured by jug say of a filter. */
export function flowVerdict({ latest, share }: FlowState): Verdict {
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
        state: sentence`Flow is at ${{ kind: 'share', si: share }} of clean; service is due at ${limit}.`,
        next,
      };
}
