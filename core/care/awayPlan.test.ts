import { describe, expect, it } from 'vitest';
import { sentence } from '../units/sentence';
import { awayPlan, backOn, isOver } from './awayPlan';
import { visitKey, type Due } from './due';
import type { Outlook, OutlookForecast } from '../outlook/outlook';

const NO_COURSE = { likely: [], low: [], high: [] };

const NOW = '2026-06-01T12:00:00.000Z';
const AWAY = { from: '2026-06-08', days: 12 };

const outlook = (change: Partial<OutlookForecast>): Outlook => ({
  learned: { posterior: null, refused: false, odd: [] },
  forecast: {
    ...{ packedAt: NOW, by: 'through', earliest: null, likely: null, latest: null, sponge: null },
    ...{ flow: NO_COURSE, lost: NO_COURSE, passes: NO_COURSE, visits: [], ...change },
  },
});
const visits = (...days: number[]): OutlookForecast['visits'] =>
  days.map((day) => ({ day, works: [], lifts: [], minutes: 20, why: 'flow' }));
const due = (key: string, on: string): Due => ({
  ...{ key, inDays: 0, on, latestInDays: null, what: sentence`Squeeze the foam.`, why: sentence`Full.` },
  ...{ minutes: null, bring: [], withWaterChange: false, snoozed: null },
});
const planned = (of: { due?: Due[]; outlook?: Outlook | null; packIsOut?: boolean }) =>
  awayPlan([{ id: 'f', name: 'F', due: [], outlook: null, packIsOut: false, ...of }], AWAY, NOW)[0]!;

describe('awayPlan', () => {
  it('says which filters hold: by the early end of their range, only by the likely one, or not', () => {
    // Back on day 19.
    expect(planned({ outlook: outlook({ earliest: 25, likely: 30 }) }).holds).toBe('yes');
    expect(planned({ outlook: outlook({ earliest: 15, likely: 30 }) }).holds).toBe('likely');
    expect(planned({ outlook: outlook({ earliest: 10, likely: 15 }) }).holds).toBe('no');
    expect(planned({ outlook: outlook({}) }).holds).toBe('yes');
    expect(planned({}).holds).toBe('not known');
  });

  it('lists what would fall due meanwhile, to be done before; after a service the next interval counts', () => {
    const visit = due(visitKey('f'), '2026-06-15');
    const after = due('hoses f', '2026-06-21');
    const two = (second: number) => outlook({ earliest: 14, likely: 20, visits: visits(14, second) });
    expect(planned({ due: [visit, after], outlook: two(40) })).toMatchObject({
      before: [visit],
      holds: 'yes',
    });
    expect(planned({ due: [visit], outlook: two(20) }).holds).toBe('perhaps not');
    expect(planned({ due: [visit], packIsOut: true })).toMatchObject({ before: [], holds: 'media are out' });
  });

  it('counts the range from the day of packing, and asks of no second visit', () => {
    // Packed ten days ago: a pack that holds for twenty-five days holds for fifteen more, and somebody is back on day 19.
    const old = { packedAt: '2026-05-22T12:00:00.000Z' };
    expect(planned({ outlook: outlook({ ...old, earliest: 25, likely: 40 }) }).holds).toBe('likely');
    expect(planned({ outlook: outlook({ ...old, earliest: 25, likely: 26 }) }).holds).toBe('no');
    expect(planned({ outlook: outlook({ ...old, earliest: 30, likely: 35 }) }).holds).toBe('yes');
    expect(planned({ outlook: outlook({ earliest: 15 }) }).holds).toBe('likely');
    const visit = due(visitKey('f'), '2026-06-15');
    expect(planned({ due: [visit], outlook: outlook({ earliest: 14, visits: visits(14) }) }).holds).toBe(
      'yes',
    );
    expect(planned({ due: [visit], outlook: outlook({ earliest: 14 }) }).holds).toBe('not known');
    // What is no visit leaves the pack as it is; what falls on the day of return can wait.
    const hoses = due('hoses f', '2026-06-15');
    const back = due('seal f', '2026-06-20');
    expect(planned({ due: [hoses, back], outlook: outlook({ earliest: 10, likely: 15 }) })).toMatchObject({
      before: [hoses],
      holds: 'no',
    });
  });

  it('puts first what does not hold', () => {
    const order = awayPlan(
      [
        { id: 'a', name: 'A', due: [], outlook: outlook({}), packIsOut: false },
        { id: 'b', name: 'B', due: [], outlook: outlook({ earliest: 2, likely: 3 }), packIsOut: false },
      ],
      AWAY,
      NOW,
    );
    expect(order.map(({ id }) => id)).toEqual(['b', 'a']);
    // Among those that hold: what has more to be done before, then by name.
    const alike = ['c', 'b', 'a'].map((id) => ({
      ...{ id, name: id.toUpperCase(), outlook: outlook({}), packIsOut: false },
      due: id === 'b' ? [due('hoses b', '2026-06-15')] : [],
    }));
    expect(awayPlan(alike, AWAY, NOW).map(({ id }) => id)).toEqual(['b', 'a', 'c']);
  });

  it('is over on the day that somebody is back', () => {
    expect(backOn(AWAY)).toBe('2026-06-20');
    expect(isOver(AWAY, '2026-06-19T23:00:00Z')).toBe(false);
    expect(isOver(AWAY, '2026-06-20T01:00:00Z')).toBe(true);
    expect(isOver(null, NOW)).toBe(true);
  });
});
