import { describe, expect, it } from 'vitest';
import { todayAction } from './todayAction';

const NOTHING = { filterId: 'f', job: null, due: [], isKnown: true } as const;

describe('the one next step on Today', () => {
  it('goes on with what was begun', () => {
    const due = [{ key: 'visit f', inDays: -2 }];
    expect(todayAction({ ...NOTHING, due, job: { stage: 'plan', occasion: 'repack' } })).toEqual({
      label: 'Continue the repack',
      href: '/filter/f/plan',
    });
    expect(todayAction({ ...NOTHING, job: { stage: 'repack', occasion: 'plan' } }).label).toBe(
      'Continue the plan',
    );
  });

  it('asks for the media of a filter of which nothing is known', () => {
    expect(todayAction({ ...NOTHING, isKnown: false })).toEqual({
      label: 'Enter the media',
      href: '/filter/f/strip',
    });
  });

  it('is what is due today: the visit before a stage of a swap', () => {
    const swap = { key: 'swap f', inDays: 0 };
    expect(todayAction({ ...NOTHING, due: [swap, { key: 'visit f', inDays: 0 }] }).label).toBe(
      'Start the repack',
    );
    expect(todayAction({ ...NOTHING, due: [swap] }).href).toBe('/filter/f/media-swap');
  });

  it('is a reading of the flow while nothing is due', () => {
    expect(todayAction({ ...NOTHING, due: [{ key: 'visit f', inDays: 3 }] }).href).toBe('/filter/f/flow');
  });
});
