'use client';
import { useState } from 'react';
import { z } from 'zod';
import { SOURCES, type Asked } from '@/core/propose/proposeInput';

const Limit = z.number().nonnegative().nullable();
const AskedSchema = z.object({
  from: z.enum(SOURCES).exactOptional(),
  budget: z.number().nonnegative().nullable().exactOptional(),
  stay: z.array(z.string()).exactOptional(),
  pinned: z.array(z.string()).exactOptional(),
  limits: z
    .object({
      neverOverflows: z.boolean(),
      leastTurnover: Limit,
      mostTurnover: Limit,
      mostVisits: Limit,
      mostMinutes: Limit,
      mostMass: Limit,
    })
    .exactOptional(),
});

const keyOf = (jobId: string): string => `neat-layer proposals ${jobId}`;

/** What was changed, a way to change more, and one to change nothing. */
interface KeptAsk {
  readonly asked: Asked;
  readonly change: (more: Asked) => void;
  readonly reset: () => void;
}

/**
 * What the keeper changed of what proposals are asked for. It is kept in this tab for its job, while other plans are looked
 * at and over a reload.
 */
export function useSavedQuery(jobId: string): KeptAsk {
  const [asked, setAsked] = useState<Asked>(() => readAsked(jobId));
  const keep = (next: Asked): void => {
    setAsked(next);
    try {
      sessionStorage.setItem(keyOf(jobId), JSON.stringify(next));
    } catch {
      // Storage is full or forbidden: a reload then asks as at first.
    }
  };
  return { asked, change: (more) => keep({ ...asked, ...more }), reset: () => keep({}) };
}

/** What was kept; nothing where it is not to be read. */
function readAsked(jobId: string): Asked {
  try {
    return AskedSchema.parse(JSON.parse(sessionStorage.getItem(keyOf(jobId)) ?? '{}'));
  } catch {
    return {};
  }
}
