'use client';
import { useEffect, useState } from 'react';
import type { PackInput } from '@/core/report/packMeasures';
import type { ReadingKey } from '@/core/report/packReadings';
import type { FoundImprovement } from './foundImprovement';

/** Milliseconds without a change after which the small changes are tried: never while an edge is dragged. */
const PAUSE_MS = 180;

const NO_IMPROVEMENTS: ReadonlyMap<ReadingKey, FoundImprovement> = new Map();

/** The best small change for flow, headroom and pass-through; `stale` while the pack is being changed. */
export function useImprovements(input: PackInput): {
  readonly improvements: ReadonlyMap<ReadingKey, FoundImprovement>;
  readonly stale: boolean;
} {
  const [found, setFound] = useState({ input, improvements: NO_IMPROVEMENTS });
  useEffect(() => {
    let wanted = true;
    const timer = setTimeout(() => {
      // Not needed to show the sheet: fetched when it is first asked for. Where that fails there is no advice.
      void import('./improvementsOf').then(
        ({ improvementsOf }) => {
          if (wanted) setFound({ input, improvements: improvementsOf(input) });
        },
        () => undefined,
      );
    }, PAUSE_MS);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [input]);
  return { improvements: found.improvements, stale: found.input !== input };
}
