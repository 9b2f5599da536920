import { describe, expect, it } from 'vitest';
import { careTabs, isOfRepack, stations, whereItOpens, whereRepackOpens } from './filterPlaces';

const all = (job: Parameters<typeof stations>[1], key: 'reached' | 'done') =>
  stations('f', job, 'plan')
    .filter((station) => station[key])
    .map(({ label }) => label);
const waiting = (job: Parameters<typeof stations>[1]) =>
  stations('f', job, 'plan')
    .filter(({ waitsFor }) => waitsFor !== null)
    .map(({ label }) => label);

describe('the stations of a repack', () => {
  it('between jobs: none is reached, and a job can be begun', () => {
    expect(all(null, 'reached')).toEqual([]);
    expect(waiting(null)).toEqual(['Review', 'Prepare', 'Pack']);
  });

  it('are filled as far as the job has come', () => {
    const strip = { stage: 'strip', occasion: 'repack' } as const;
    expect(all(strip, 'reached')).toEqual(['Measure', 'Strip', 'Review']);
    expect(all(strip, 'done')).toEqual(['Measure']);
    expect(waiting(strip)).toEqual(['Plan', 'Prepare', 'Pack']);
    const packing = { stage: 'repack', occasion: 'repack' } as const;
    expect(all(packing, 'reached')).toHaveLength(6);
    expect(all(packing, 'done')).toEqual(['Measure', 'Strip', 'Review', 'Plan']);
    expect(waiting(packing)).toEqual([]);
  });

  it('say that a plan from what is known has left the strip aside', () => {
    const plan = { stage: 'repack', occasion: 'plan' } as const;
    expect(all(plan, 'done')).toEqual(['Measure', 'Plan']);
    expect(waiting(plan)).toEqual([]);
  });
});

describe('where a filter opens', () => {
  it('is its open repack, else Today', () => {
    expect(whereItOpens('f', 'plan')).toBe('/filter/f/plan');
    expect(whereItOpens('f', null)).toBe('/filter/f/care');
    expect(whereItOpens('f', 'done')).toBe('/filter/f/care');
  });

  it('is, for its repack, the open one or the place where one begins', () => {
    expect(whereRepackOpens('f', { stage: 'repack' })).toBe('/filter/f/repack');
    expect(whereRepackOpens('f', null)).toBe('/filter/f/strip');
  });
});

it('parts the pages of a filter into two places', () => {
  expect(isOfRepack('review')).toBe(true);
  expect(isOfRepack('card')).toBe(false);
  expect(careTabs('f', 'log').filter(({ here }) => here)).toEqual([
    { label: 'Log', href: '/filter/f/log', here: true },
  ]);
});
