// @vitest-environment happy-dom
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Job } from '@/core/job/job';
import type { OutOfFlow } from '@/core/job/outOfFlow';
import type { LogEntry } from '@/core/log/logEntry';
import type { Autosave } from '../state/useAutosave';
import { wordsFor } from '../fields/wordsFor';
import { ClockBar } from './ClockBar';
import { describeLogEntry } from './describeLogEntry';
import { formatClock } from './formatClock';
import { ParkForm } from './ParkForm';

afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

describe('formatClock', () => {
  it('has hours only where there are any', () => {
    expect([0, 59, 61, 3599, 3600, 7384].map(formatClock)).toEqual([
      '0:00',
      '0:59',
      '1:01',
      '59:59',
      '1:00:00',
      '2:03:04',
    ]);
  });
});

describe('ParkForm', () => {
  it('takes no empty place, and leaves out blanks around one', () => {
    const onPark = vi.fn();
    render(<ParkForm onPark={onPark} onCancel={() => undefined} />);
    const stop = screen.getByRole<HTMLButtonElement>('button', { name: 'Stop the clock' });
    const place = screen.getByRole('textbox');
    fireEvent.change(place, { target: { value: '   ' } });
    expect(stop.disabled).toBe(true);
    fireEvent.submit(place.closest('form')!);
    expect(onPark).not.toHaveBeenCalled();
    fireEvent.change(place, { target: { value: '  Hatchery ' } });
    fireEvent.click(stop);
    expect(onPark).toHaveBeenCalledWith('Hatchery');
  });
});

describe('ClockBar', () => {
  const draw = (outOfFlow: OutOfFlow) => {
    const change = vi.fn();
    const job = { doc: { outOfFlow }, change } as unknown as Autosave<Job>;
    render(<ClockBar job={job} />);
    const after = (): OutOfFlow =>
      (change.mock.calls.at(-1)![0] as (doc: Partial<Job>) => Partial<Job>)({ outOfFlow }).outOfFlow!;
    return { change, after };
  };

  it('is not there while nothing is out of flow', () => {
    draw([]);
    expect(screen.queryByRole('region', { name: 'Out of flow' })).toBeNull();
  });

  it('counts, warns after an hour, and stops when the media is back', async () => {
    vi.useFakeTimers({ now: new Date('2026-11-27T12:00:00.000Z') });
    const { after } = draw([{ from: '2026-11-27T10:58:00.000Z', to: null, parkedIn: '' }]);
    await act(() => vi.advanceTimersByTimeAsync(1000));
    expect(screen.getByRole('timer').textContent).toMatch(/^1:02:0/);
    expect(screen.getByRole('region', { name: 'Out of flow' }).dataset.late).toBe('true');
    fireEvent.click(screen.getByRole('button', { name: 'Back in flow' }));
    expect(after()[0]).toMatchObject({ parkedIn: '' });
    expect(after()[0]?.to).not.toBeNull();
  });
});

describe('describeLogEntry', () => {
  const words = wordsFor({ system: 'metric', locale: 'en-GB', currency: 'EUR' });
  const common = { id: 'e', filterId: 'f', jobId: null, at: '2026-11-27T10:00:00.000Z', note: '' };
  const say = (entry: object): string =>
    describeLogEntry({ ...common, ...entry } as LogEntry, words, (id) => (id === 'a' ? 'Foam' : null));

  it('says what was read, done or put off', () => {
    expect(say({ kind: 'flow', moment: 'clean', jugVolume: 2e-3, seconds: [10, 10] })).toBe(
      'Flow: 720\u00a0L/h, just packed',
    );
    expect(say({ kind: 'water change', share: 0.25, dechlorinated: true })).toContain('25\u00a0%');
    expect(say({ kind: 'repacked' })).toBe('Repacked');
  });

  it('does not fail for a layer that is gone', () => {
    const works = [{ layerId: 'gone', work: 'squeezed' }];
    expect(say({ kind: 'service', works, flowWas: null })).toMatch(/squeezed/i);
  });
});
