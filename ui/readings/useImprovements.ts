'use client';
import { useEffect, useState } from 'react';
import { evaluatePack, type PackInput } from '@/core/report/evaluatePack';
import type { ReadingKey } from '@/core/report/packReadings';
import { bestFor, whatIf, type WhatIf } from '@/core/explore/whatIf';
import type { Quantity } from '@/core/units/quantity';

/** What helps a figure most, and by how much. */
export interface Improvement {
  readonly change: WhatIf;
  readonly by: Quantity;
}

/** Gains below these are not worth a word: 10 L/h, half a millimetre, two hundredths of the water. */
const LEAST_FLOW = 10e-3 / 3600;
const LEAST_HEADROOM = 5e-4;
const LEAST_THROUGH = 0.02;

/** Milliseconds without a change after which the small changes are tried: never while an edge is dragged. */
const PAUSE = 180;

const NONE: ReadonlyMap<ReadingKey, Improvement> = new Map();

/** The best small change for flow, headroom and pass-through; `stale` while the pack is being changed. */
export function useImprovements(input: PackInput): {
  readonly improvements: ReadonlyMap<ReadingKey, Improvement>;
  readonly stale: boolean;
} {
  const [found, setFound] = useState({ input, improvements: NONE });
  useEffect(() => {
    const timer = setTimeout(() => setFound({ input, improvements: improvementsOf(input) }), PAUSE);
    return () => clearTimeout(timer);
  }, [input]);
  return { improvements: found.improvements, stale: found.input !== input };
}

function improvementsOf(input: PackInput): ReadonlyMap<ReadingKey, Improvement> {
  const changes = whatIf(input, evaluatePack(input));
  const found: [ReadingKey, Improvement][] = [];
  const add = (key: ReadingKey, change: WhatIf | null, kind: Quantity['kind'], si: number): void => {
    if (change !== null) found.push([key, { change, by: { kind, si } }]);
  };
  const flow = bestFor(changes, 'flow', LEAST_FLOW);
  add('flow', flow, 'flow', flow?.flow ?? 0);
  const headroom = bestFor(changes, 'headroom', LEAST_HEADROOM);
  add('headroom', headroom, 'gap', headroom?.headroom ?? 0);
  const through = bestFor(changes, 'leastPassThrough', LEAST_THROUGH);
  add('leastPassThrough', through, 'share', through?.leastPassThrough ?? 0);
  return new Map(found);
}
