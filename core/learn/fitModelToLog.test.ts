import { linearRegression } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { plainLayer } from '@/core/layers/plainLayer';
import { WATERS } from '@/demo/waters';
import { simulatedLog } from '@/reference/simulatedLog';
import { seededNormal } from '../maths/seededNormal';
import { LEARNED_KEYS } from '../dirt/learnedFactors';
import { presetFilter } from '../filter/presetFilter';
import { fitLog } from './fitLog';
import { leaveOneOutPredictions } from './leaveOneOutPredictions';
import { fitModelToLog, type LearnedLog } from './fitModelToLog';
import type { LogModel } from './logModel';
import { oddCauses } from './oddCauses';
import { drawPosterior } from './drawPosterior';
import type { LogSegment } from './stretch';

const base = WATERS[0]!.tank;
const tank = { ...base, feed: { ...base.feed, amount: { by: 'weight' as const, perDay: 3.5e-3 } } };
const filter = presetFilter('internal-compartments', { id: 'paper', tankId: tank.id }, 'Paper');
const layers = [plainLayer('floss', 'floss-bonded', filter.chambers[0]!.id, 0.02)];
const place = { tank, filter, others: [] };
const log = simulatedLog(place, layers, 5, 0.8)!;
const [stretch] = log.stretches as [LogSegment];
const SPEED = LEARNED_KEYS.length;

const learned = (stretches: readonly LogSegment[]): LearnedLog => {
  const found = fitModelToLog(place, stretches);
  if (found === null || 'refused' in found) throw new Error('Nothing was learned.');
  return found;
};
const withFlow = (index: number, factor: number): LogSegment => ({
  ...stretch,
  flows: stretch.flows.map((reading, at) =>
    at === index ? { ...reading, flow: reading.flow * factor } : reading,
  ),
});

describe('fitLog', () => {
  it('is least squares where the model is a straight line', () => {
    const normal = seededNormal(3);
    const points = Array.from({ length: 12 }, (_, x): [number, number] => [x, 2 + 0.7 * x + 0.1 * normal()]);
    // A prior so wide that it does not matter.
    const line: LogModel = {
      stretches: [],
      coordinates: 2,
      predict: () => [],
      residuals: ([a = 0, b = 0]) => [...points.map(([x, y]) => (y - a - b * x) / 1e-3), a * 1e-3, b * 1e-3],
    };
    const { point, root } = fitLog(line);
    // Source: linearRegression of the package simple-statistics.
    const { m, b } = linearRegression(points);
    expect(point[0]).toBeCloseTo(b, 6);
    expect(point[1]).toBeCloseTo(m, 6);
    // The spread of a slope is σ/√Σ(x − x̄)² (any textbook of statistics; from memory).
    const about = points.reduce((sum, [x]) => sum + (x - 5.5) ** 2, 0);
    expect(Math.hypot(...root.getRow(1))).toBeCloseTo(1e-3 / Math.sqrt(about), 7);
  });
});

describe('fitModelToLog', () => {
  it('finds the clean flow from the first reading alone, and keeps to the prior in all else', () => {
    const first = { ...stretch, flows: stretch.flows.slice(0, 1) };
    const { fit, readings } = learned([first]);
    expect(readings).toBe(1);
    expect(fit.point[SPEED]).toBeCloseTo(log.truth[SPEED]!, 0);
    const spreads = fit.root.to2DArray().map((row) => Math.hypot(...row));
    // Jug and model leave half of the prior spread of 10 %: 5 % and 2 %.
    expect(spreads[SPEED]).toBeLessThan(0.65);
    for (const spread of spreads.slice(0, SPEED)) expect(spread).toBeGreaterThan(0.9);
  });

  it('knows more with every reading', () => {
    const spreadOfFood = (count: number): number => {
      const { root } = learned([{ ...stretch, flows: stretch.flows.slice(0, count) }]).fit;
      return Math.hypot(...root.getRow(0));
    };
    expect(spreadOfFood(6)).toBeLessThan(spreadOfFood(3));
    expect(spreadOfFood(3)).toBeLessThan(spreadOfFood(1) + 1e-3);
  });

  it('asks about a reading that does not fit, and learns from the others alone', () => {
    const { odd, readings, fit } = learned([withFlow(3, 0.6)]);
    expect(odd.map(({ id }) => id)).toEqual(['reading 3']);
    expect(odd[0]!.value).toBeLessThan(odd[0]!.low);
    expect(readings).toBe(5);
    const alone = learned([{ ...stretch, flows: stretch.flows.filter((_, at) => at !== 3) }]);
    fit.point.forEach((value, at) => expect(value).toBeCloseTo(alone.fit.point[at]!, 2));
  });

  it('names causes of such a reading that its handbook would: something in the way, or other food', () => {
    const { model, fit, odd } = learned([withFlow(3, 0.6)]);
    const causes = oddCauses(place, model, fit.point, odd[0]!);
    expect(causes[0]!.share).toBeLessThan(1);
    expect(causes.map(({ cause }) => cause)).toContain('sponge');
    // No hoses, no tap (common practice, no source); water going around raises the flow.
    expect(causes.map(({ cause }) => cause)).not.toContain('tap');
    expect(causes.map(({ cause }) => cause)).not.toContain('gap');
    const clean = stretch.flows[0]!.flow;
    const clogged = { expected: 0.75 * clean, low: 0.66 * clean, high: 0.85 * clean };
    const high = { ...odd[0]!, ...clogged, value: 0.93 * clean };
    expect(oddCauses(place, model, fit.point, high).map(({ cause }) => cause)).toContain('gap');
  });

  it('refuses to learn from nonsense', () => {
    const factors = [1, 0.2, 2.5, 0.15, 3, 0.3];
    const nonsense = {
      ...stretch,
      flows: stretch.flows.map((reading, at) => ({
        ...reading,
        flow: stretch.flows[0]!.flow * factors[at]!,
      })),
    };
    expect(fitModelToLog(place, [nonsense])).toHaveProperty('refused');
  });

  it('has nothing to learn from without readings, and without food', () => {
    expect(fitModelToLog(place, [])).toBeNull();
    expect(fitModelToLog(place, [{ ...stretch, flows: [] }])).toBeNull();
    const unfed = { ...tank, feed: { ...tank.feed, amount: { by: 'weight' as const, perDay: 0 } } };
    expect(fitModelToLog({ ...place, tank: unfed }, [stretch])).toBeNull();
  });

  it('learns from dirt seen at the strip and from what was said of the flow', () => {
    const silent = { ...stretch, flows: [], end: log.serviceDay };
    const food = (change: Partial<LogSegment>): number => learned([{ ...silent, ...change }]).fit.point[0]!;
    const blocked = food({ seen: [{ layerId: 'floss', dirt: 'blocked' }] });
    const clean = food({ seen: [{ layerId: 'floss', dirt: 'clean' }] });
    expect(blocked).toBeGreaterThan(clean);
    const at = { id: 's', day: log.serviceDay };
    expect(food({ services: [{ ...at, flowWas: 'low' }] })).toBeGreaterThan(
      food({ services: [{ ...at, flowWas: 'fine' }] }),
    );
  });

  it('forgets the pump’s condition when it was cleaned', () => {
    const cleaned = {
      ...withFlow(5, 1.25),
      epochs: [...stretch.epochs, { day: stretch.flows[4]!.day + 0.1, epoch: 1 }],
    };
    const { fit, odd } = learned([cleaned]);
    expect(odd).toEqual([]);
    expect(fit.point[SPEED + 1]!).toBeGreaterThan(fit.point[SPEED]! + 0.5);
  });
});

describe('leaveOneOutPredictions', () => {
  it('gives a reading alone the whole range of the prior, and one among others a narrow one', () => {
    const rangeOf = (stretches: readonly LogSegment[]): readonly number[] => {
      const { model, fit } = learned(stretches);
      return leaveOneOutPredictions(model, fit.point).map(({ low, high, expected }) => {
        expect(low < expected && expected < high).toBe(true);
        return Math.log(high / low);
      });
    };
    const [alone] = rangeOf([{ ...stretch, flows: stretch.flows.slice(0, 1) }]);
    // ±2.576 · √(10 %² + 5 %² + 2 %²) of pump, model and jug, times what the flow follows the pump.
    expect(alone).toBeGreaterThan(2 * 2.576 * Math.hypot(Math.log(1.1), 0.05) * 0.5);
    const among = rangeOf([stretch]);
    expect(among).toHaveLength(6);
    for (const width of among) expect(width).toBeLessThan(alone!);
  });
});

describe('drawPosterior', () => {
  it('lies about the truth, and narrows what was learned', () => {
    const found = drawPosterior(learned([stretch]), 100);
    expect(found.readings).toBe(6);
    expect(found.mean).toHaveLength(SPEED + 1);
    const spread = Math.hypot(...found.root[SPEED]!);
    expect(spread).toBeLessThan(0.8);
    expect(Math.abs(found.mean[SPEED]! - log.truth[SPEED]!)).toBeLessThan(3 * spread);
  });
});
