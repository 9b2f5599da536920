import { bestFor, whatIf, type WhatIf } from '@/core/explore/whatIf';
import { evaluatePack } from '@/core/report/evaluatePack';
import type { PackInput } from '@/core/report/packMeasures';
import type { ReadingKey } from '@/core/report/packReadings';
import type { Quantity } from '@/core/units/quantity';
import type { FoundImprovement } from './foundImprovement';
import { HOUR } from '@/core/units/time';

/** Gains below these are not worth a word: 10 L/h, half a millimetre, two hundredths of the water. */
const MIN_FLOW = 10e-3 / HOUR;
const MIN_HEADROOM = 5e-4;
const MIN_THROUGH = 0.02;

/** The best small change for flow, headroom and pass-through. */
export function improvementsOf(input: PackInput): ReadonlyMap<ReadingKey, FoundImprovement> {
  const changes = whatIf(input, evaluatePack(input));
  const found: [ReadingKey, FoundImprovement][] = [];
  const add = (key: ReadingKey, change: WhatIf | null, kind: Quantity['kind'], si: number): void => {
    if (change !== null) found.push([key, { change, by: { kind, si } }]);
  };
  const flow = bestFor(changes, 'flow', MIN_FLOW);
  add('flow', flow, 'flow', flow?.flow ?? 0);
  const headroom = bestFor(changes, 'headroom', MIN_HEADROOM);
  add('headroom', headroom, 'gap', headroom?.headroom ?? 0);
  const through = bestFor(changes, 'leastPassThrough', MIN_THROUGH);
  add('leastPassThrough', through, 'share', through?.leastPassThrough ?? 0);
  return new Map(found);
}
