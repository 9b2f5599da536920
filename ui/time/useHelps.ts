'use client';
import { useEffect, useState } from 'react';
import type { ForecastInput } from '@/core/dirt/forecast';
import type { ServiceHelp } from '@/core/service/serviceHelps';
import { forecastWorkers } from './forecastWorkers';

/** Milliseconds without a change after which helps are tried: never while an edge is dragged. */
const PAUSE = 300;
const NONE: readonly ServiceHelp[] = [];

/** What would move the service day of a pack; `stale` while it is being changed: shown, so that nothing jumps. */
export function useHelps(input: ForecastInput): {
  readonly helps: readonly ServiceHelp[];
  readonly stale: boolean;
} {
  const [made, setMade] = useState<{ of: ForecastInput; helps: readonly ServiceHelp[] } | null>(null);
  useEffect(() => {
    let wanted = true;
    const timer = setTimeout(
      () =>
        void forecastWorkers()[1]
          .helps(input)
          // Helps are an offer: where they cannot be worked out, none is made.
          .catch(() => [])
          .then((helps) => wanted && setMade({ of: input, helps })),
      PAUSE,
    );
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [input]);
  return { helps: made?.helps ?? NONE, stale: made?.of !== input };
}
