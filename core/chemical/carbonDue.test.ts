import { describe, expect, it } from 'vitest';
import { forecastInput } from '../dirt/forecastInput';
import { presetFilter } from '../filter/presetFilter';
import { plainLayer } from '../layers/plainLayer';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import { reportChemical } from '../report/reportChemical';
import { servicePlan } from '../service/servicePlan';
import { newTank } from '../tank/newTank';
import type { Tank } from '../tank/tank';
import { formatSentence } from '../units/sentence';
import { carbonDue } from './carbonDue';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const fed = (perDay: number | null): Tank => ({
  ...newTank('t', 'Test', 0.2),
  feed: { amount: perDay === null ? null : { by: 'weight', perDay }, protein: 0.4 },
});
const piece = {
  layer: { installedOn: null },
  medium: { family: 'carbon' },
  measure: { dryMass: 0.1 },
} as const;
const dueAt = (perDay: number | null) => carbonDue(piece, { tank: fed(perDay), added: [], now: null });

// Source: replaced after five to eight weeks, at most twelve when lightly fed (common practice, no source).
describe('carbonDue', () => {
  it('is what the food uses up', () => {
    // By hand: 0.1 kg × 10 mg/g over 1 g × 0.45 × 0.05 a day.
    expect(dueAt(1e-3)).toMatchObject({ by: 'load', likely: 1e-3 / (1e-3 * 0.45 * 0.05) });
    expect(dueAt(4e-3).likely).toBeCloseTo(11.1, 1);
  });
  it('is twelve weeks at most, and five to eight where the food is not entered', () => {
    expect(dueAt(0.2e-3)).toEqual({ low: 84, likely: 84, high: 84, by: 'longest', shortened: false });
    expect(dueAt(0)).toMatchObject({ likely: 84, by: 'longest' });
    expect(dueAt(null)).toMatchObject({ low: 35, likely: 49, high: 56, by: 'usual' });
  });

  it.each([
    ['lightly', 0.2e-3],
    ['usually', 2e-3],
    ['heavily', 6e-3],
  ])('is the same for reading, finding and plan in a tank that is fed %s', (_, perDay) => {
    const tank = fed(perDay);
    const carbon = { ...plainLayer('c', 'carbon', 'tray-1', 0.02), installedOn: '2026-01-01' };
    const layers = [plainLayer('foam', 'foam-10', 'tray-4', 0.08), carbon];
    const at = (days: number) => new Date(Date.parse('2026-01-01') + days * 86_400_000).toISOString();
    const around = { ...aloneOn(tank), now: at(0) };
    const input = { ...around, filter, layers, flow: null };
    const reading = reportChemical(input, evaluatePack(input))[0]!.life!.likely;
    const findingOn = (days: number) =>
      evaluatePack({ ...input, now: at(days) }).findings.find(({ rule }) => rule === 'spent-medium');
    expect(findingOn(Math.floor(reading) - 1)).toBeUndefined();
    expect(findingOn(Math.ceil(reading) + 1)).toBeDefined();
    const visits = servicePlan(forecastInput(around, filter, layers)).visits.filter(({ works }) =>
      works.some(({ layerId }) => layerId === 'c'),
    );
    // Done a little early with what falls due anyway, never later than the day after.
    expect(visits[0]!.day).toBeLessThanOrEqual(Math.max(7, reading) + 1);
    expect(visits[0]!.day).toBeGreaterThan(0.69 * reading);
  });

  it('says what decided', () => {
    const carbon = { ...plainLayer('c', 'carbon', 'tray-1', 0.02), installedOn: '2025-01-01' };
    const said = (perDay: number | null): string =>
      formatSentence(
        evaluatePack({
          ...aloneOn(fed(perDay)),
          now: '2026-01-01T00:00:00Z',
          filter,
          layers: [carbon],
          flow: null,
        }).findings.find(({ rule }) => rule === 'spent-medium')!.reason,
      );
    expect(said(0.2e-3)).toMatch(/the longest for a lightly fed tank/);
    expect(said(6e-3)).toMatch(/at today’s food/);
    expect(said(null)).toMatch(/the daily food is not entered/);
  });
});
