// @vitest-environment happy-dom
import { act, cleanup, fireEvent, render, renderHook, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { LogEntry } from '@/core/log/logEntry';
import type * as Send from '../state/send';
import { send } from '../state/send';
import { DeletedEntry } from './DeletedEntry';
import { useLog } from './useLog';
import { withEntries } from './withEntries';

vi.mock('../state/send', async (original) => ({
  ...(await original<typeof Send>()),
  send: vi.fn(),
}));
const answer = vi.mocked(send);

beforeEach(() => answer.mockReset());
afterEach(cleanup);

const ENTRY: LogEntry = {
  id: 'e',
  filterId: 'f',
  jobId: null,
  at: '2026-11-27T10:00:00.000Z',
  kind: 'note',
  note: 'Fed twice.',
};
const SAVED = { kind: 'saved', value: ENTRY } as const;
const LOST = { kind: 'unreachable' } as const;

describe('useLog', () => {
  it('tells what came, what went, and what came back', async () => {
    const changes: unknown[] = [];
    const { result } = renderHook(() =>
      useLog('f', null, (gone, come) => changes.push([gone?.id, come?.id])),
    );
    answer.mockResolvedValue(SAVED);
    await act(() => result.current.save({ kind: 'note', note: 'Fed twice.' }));
    await act(() => result.current.remove(ENTRY));
    expect(result.current.removed).toBe(ENTRY);
    await act(() => result.current.restore());
    expect(result.current.removed).toBeNull();
    expect(changes).toEqual([
      [undefined, 'e'],
      ['e', undefined],
      [undefined, 'e'],
    ]);
  });

  it('saves the same entry again when the answer was lost, and another one after it was answered', async () => {
    const { result } = renderHook(() => useLog('f', 'job'));
    answer.mockResolvedValueOnce(LOST).mockResolvedValue(SAVED);
    const note = { kind: 'note', note: 'Fed twice.' } as const;
    expect(await act(() => result.current.save(note))).toBeNull();
    expect(result.current.faults.join(' ')).toContain('What you entered is still here.');
    await act(() => result.current.save(note));
    await act(() => result.current.save(note));
    const ids = answer.mock.calls.map(([, , body]) => (body as LogEntry).id);
    expect(ids[1]).toBe(ids[0]);
    expect(ids[2]).not.toBe(ids[0]);
    expect(result.current.faults).toEqual([]);
  });

  it('keeps the entry, and says so, when it cannot be deleted or brought back', async () => {
    const onChange = vi.fn();
    const { result } = renderHook(() => useLog('f', null, onChange));
    answer.mockResolvedValueOnce(LOST).mockResolvedValueOnce(SAVED).mockResolvedValueOnce(LOST);
    await act(() => result.current.remove(ENTRY));
    expect(result.current.removed).toBeNull();
    expect(result.current.faults).toEqual(['The entry could not be deleted. Try again.']);
    await act(() => result.current.remove(ENTRY));
    await act(() => result.current.restore());
    expect(result.current.removed).toBe(ENTRY);
    expect(result.current.faults).toEqual(['The entry could not be restored. Try again.']);
    expect(onChange).toHaveBeenCalledTimes(1);
  });
});

describe('DeletedEntry', () => {
  it('offers the entry back', () => {
    const restore = vi.fn(() => Promise.resolve());
    render(<DeletedEntry removed={ENTRY} restore={restore} faults={[]} />);
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    expect(restore).toHaveBeenCalled();
  });
});

describe('withEntries', () => {
  it('takes out what is gone and puts in what came, once', () => {
    const edited = { ...ENTRY, note: 'Fed once.' };
    expect(withEntries([ENTRY], [ENTRY], [edited])).toEqual([edited]);
  });
});
