// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Due } from '@/core/care/due';
import { send } from '../state/send';
import type * as Send from '../state/send';
import { formatDueDate } from './formatDueDate';
import { daysShown } from './OutlookChart';
import { SnoozeForm } from './SnoozeForm';

vi.mock('../state/send', async (original) => ({ ...(await original<typeof Send>()), send: vi.fn() }));

beforeEach(() => {
  vi.useFakeTimers({ now: new Date('2026-11-27T12:00:00.000Z') });
  vi.mocked(send).mockReset();
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

describe('formatDueDate', () => {
  it('says overdue only once the whole range has passed', () => {
    const said = (inDays: number, latestInDays: number | null = null) =>
      formatDueDate({ inDays, latestInDays });
    expect([said(0), said(1), said(2), said(-1), said(-3)]).toEqual([
      'today',
      'tomorrow',
      'in 2 days',
      '1 day overdue',
      '3 days overdue',
    ]);
    expect([said(-3, 4), said(0, 1), said(-3, 0)]).toEqual(['any day now', 'any day now', '3 days overdue']);
  });
});

describe('daysShown', () => {
  const course = { likely: Array.from({ length: 122 }, () => 1), low: [], high: [] };
  const ahead = (change: object) =>
    ({
      packedAt: '',
      by: 'through',
      earliest: 10,
      likely: 20,
      latest: 30,
      flow: course,
      ...change,
    }) as unknown as Parameters<typeof daysShown>[0];

  it('reaches two weeks beyond the latest service and beyond today, never past what was worked out', () => {
    expect(daysShown(ahead({}), 5)).toBe(44);
    expect(daysShown(ahead({}), 60)).toBe(74);
    expect(daysShown(ahead({ latest: null, likely: null }), 60)).toBe(74);
    expect(daysShown(ahead({ latest: 5000 }), 10)).toBe(190);
    expect(daysShown(ahead({ latest: 5000 }), 350)).toBe(363);
  });
});

describe('putting something off', () => {
  const item: Due = {
    key: 'visit f',
    inDays: 2,
    on: '2026-11-29',
    latestInDays: null,
    what: ['Squeeze the foam.'],
    why: ['The flow is low.'],
    minutes: 20,
    bring: [],
    withWaterChange: false,
    snoozed: null,
  };

  it('asks for a reason and a later day', () => {
    const onDone = vi.fn();
    render(<SnoozeForm filterId="f" item={item} onDone={onDone} />);
    const save = screen.getByRole<HTMLButtonElement>('button', { name: 'Put off' });
    expect(save.disabled).toBe(true);
    fireEvent.change(screen.getByLabelText(/why/i), { target: { value: 'On holiday' } });
    expect(save.disabled).toBe(false);
    const day = screen.getByLabelText(/until/i);
    for (const wrong of ['2026-11-29', '2026-11-20', '2027-11-29', '']) {
      fireEvent.change(day, { target: { value: wrong } });
      expect([wrong, save.disabled]).toEqual([wrong, true]);
    }
    fireEvent.click(screen.getByRole('button', { name: 'Cancel' }));
    expect(onDone).toHaveBeenCalledWith(null);
    expect(send).not.toHaveBeenCalled();
  });
});
