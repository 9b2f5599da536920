// @vitest-environment happy-dom
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import { send } from '../state/send';
import type * as Send from '../state/send';
import { FaultFinderPage } from './FaultFinderPage';

vi.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));
vi.mock('../state/send', async (original) => ({ ...(await original<typeof Send>()), send: vi.fn() }));
vi.stubGlobal('fetch', () => new Promise(() => undefined));

beforeEach(() => {
  vi.mocked(send).mockReset();
  localStorage.clear();
  sessionStorage.clear();
});
afterEach(cleanup);

const context = {
  filter: presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test'),
  sincePacked: 60,
  serviceDay: 60,
  hasFoam: true,
  hasFloss: true,
  leastCover: 1,
  overfill: 0,
};
const draw = () => render(<FaultFinderPage context={context} job={null} />);
const press = (name: string | RegExp) => act(() => fireEvent.click(screen.getByRole('button', { name })));
const question = (): string =>
  screen.getByRole('region', { name: 'Next check' }).querySelector('h2')!.textContent;

describe('finding a fault', () => {
  it('asks one check after the other, and takes an answer back', async () => {
    draw();
    await press('The filter does not start');
    const first = question();
    await press('No');
    expect(question()).not.toBe(first);
    await press(/^Undo/);
    expect(question()).toBe(first);
    await press('I can’t tell');
    expect(question()).not.toBe(first);
  });

  it('goes on after a reload', async () => {
    draw();
    await press('The filter does not start');
    await press('No');
    const second = question();
    cleanup();
    draw();
    await screen.findByText(second);
  });

  it('names the cause, what to do and where to take care, and says when the log was not reached', async () => {
    draw();
    await press('The filter does not start');
    await press('Yes');
    expect(question()).toBe('The filter has no power');
    expect(screen.getByText(/circuit breaker/)).toBeTruthy();
    vi.mocked(send).mockResolvedValue({ kind: 'unreachable' });
    await press('Save to the log');
    expect(await screen.findByText(/Nothing was saved/)).toBeTruthy();
    expect(vi.mocked(send).mock.calls[0]?.[2]).toMatchObject({
      kind: 'fault',
      causes: ['The filter has no power'],
    });
  });
});
