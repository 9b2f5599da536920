// @vitest-environment happy-dom
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { LogEntry } from '@/core/log/logEntry';
import type { LogActions } from '../log/useLog';
import { send } from '../state/send';
import type * as Send from '../state/send';
import { EntryTable } from './EntryTable';
import { TestForm } from './TestForm';

vi.mock('../state/send', async (original) => ({ ...(await original<typeof Send>()), send: vi.fn() }));
beforeEach(() => vi.mocked(send).mockReset());
afterEach(cleanup);

const common = { filterId: 'f', jobId: null, note: '' };
const CHANGE: LogEntry = {
  ...common,
  id: 'w',
  at: '2026-11-26T10:00:00.000Z',
  kind: 'water change',
  share: 0.3,
  dechlorinated: true,
};
const NOTE: LogEntry = { ...common, id: 'n', at: '2026-11-27T10:00:00.000Z', kind: 'note', note: 'Fed.' };

describe('a test of the water', () => {
  const typed = (name: string, text: string) => {
    const field = screen.getByRole('textbox', { name: new RegExp(`^${name}`) });
    fireEvent.change(field, { target: { value: text } });
    fireEvent.blur(field);
  };
  const sent = () => vi.mocked(send).mock.calls[0]?.[2] as Record<string, number>;
  const save = () =>
    act(async () => {
      fireEvent.click(screen.getByRole('button', { name: 'Save reading' }));
      await Promise.resolve();
    });

  it('is saved as nitrogen, however the kit counts', async () => {
    vi.mocked(send).mockResolvedValue({ kind: 'unreachable' });
    render(<TestForm filterId="f" jobId={null} onSaved={() => undefined} saveIn={document.body} />);
    fireEvent.click(screen.getByRole('button', { name: /the whole ion/ }));
    typed('Nitrate as NO₃', '40');
    await save();
    // 62.004 g of nitrate hold 14.007 g of nitrogen (IUPAC).
    expect(1000 * sent().nitrate!).toBeCloseTo((40 * 14.007) / 62.004, 2);
    // What was typed is still there.
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: /^Nitrate/ }).value).toBe('40');
    expect((await screen.findByRole('alert')).textContent).toContain('still here');
  });

  it('forgets what was read off a card that counts otherwise', () => {
    render(<TestForm filterId="f" jobId={null} onSaved={() => undefined} saveIn={document.body} />);
    typed('Ammonia as N', '0.25');
    fireEvent.click(screen.getByRole('button', { name: /the whole ion/ }));
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: /^Ammonia/ }).value).toBe('');
  });
});

describe('the log of the water', () => {
  it('has what is of the water, and deletes it', () => {
    const remove = vi.fn(() => Promise.resolve());
    const actions = { remove, removed: null, restore: vi.fn(), faults: [] } as unknown as LogActions;
    render(<EntryTable log={[CHANGE, NOTE]} actions={actions} />);
    expect(screen.getAllByRole('row')).toHaveLength(1);
    fireEvent.click(screen.getByRole('button', { name: /^Delete the entry/ }));
    expect(remove).toHaveBeenCalledWith(CHANGE);
  });

  it('says when there is nothing', () => {
    render(<EntryTable log={[NOTE]} actions={{ removed: null, faults: [] } as unknown as LogActions} />);
    expect(screen.getByText('No entries yet.')).toBeTruthy();
  });
});
