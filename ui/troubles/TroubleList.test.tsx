// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Trouble } from '@/server/trouble';
import { TroubleList } from './TroubleList';

const refresh = vi.fn();
vi.mock('next/navigation', () => ({ useRouter: () => ({ refresh }) }));

const asked: { method: string; url: string }[] = [];
let respond: () => Response | Promise<Response>;
beforeEach(() => {
  asked.length = 0;
  refresh.mockClear();
  respond = () => Response.json({});
  vi.stubGlobal('fetch', (url: string, { method }: { method: string }) => {
    asked.push({ method, url });
    return Promise.resolve(respond());
  });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const torn: Trouble = {
  kind: 'pack',
  id: 'p',
  title: 'Pack “Plan”',
  faults: ['visits: it is missing.'],
  repair: ['visits becomes an empty list.'],
  removes: 'this pack',
};
const press = (name: string): Promise<void> => userEvent.click(screen.getByRole('button', { name }));

describe('TroubleList', () => {
  it('shows each document with its fault, and a way to keep it as it is', () => {
    render(<TroubleList troubles={[torn, { ...torn, id: 'q', title: 'Pack', repair: null }]} />);
    expect(screen.getByRole('heading', { level: 2 }).textContent).toMatch(/^2 saved records cannot be read/);
    expect(screen.getAllByText('visits: it is missing.')).toHaveLength(2);
    const [first] = screen.getAllByRole('link', { name: 'Export as it is' });
    expect(first?.getAttribute('href')).toBe('/api/documents/pack/p');
    // The second cannot be repaired.
    expect(screen.getAllByRole('button', { name: 'Repair' })).toHaveLength(1);
  });

  it('repairs only after it has said what that changes', async () => {
    render(<TroubleList troubles={[torn]} />);
    await press('Repair');
    expect(screen.getByText('visits becomes an empty list.')).toBeTruthy();
    expect(asked).toEqual([]);
    await press('Repair');
    expect(asked).toEqual([{ method: 'POST', url: '/api/documents/pack/p' }]);
    expect(refresh).toHaveBeenCalledTimes(1);
  });

  it('asks before it removes, and leaves it alone when told so', async () => {
    render(<TroubleList troubles={[torn]} />);
    await press('Remove');
    expect(screen.getByText(/^This removes this pack/)).toBeTruthy();
    await press('Cancel');
    expect(asked).toEqual([]);
    await press('Remove');
    await press('Remove permanently');
    expect(asked).toEqual([{ method: 'DELETE', url: '/api/documents/pack/p' }]);
  });

  it.each([
    ['the app is not responding', () => Promise.reject(new Error('away')), 'is not responding'],
    [
      'it is refused',
      () => Response.json({ faults: ['A job holds it.'] }, { status: 422 }),
      'A job holds it.',
    ],
  ])('says so when %s, and can be tried again', async (_, answers, said) => {
    respond = answers;
    render(<TroubleList troubles={[torn]} />);
    await press('Remove');
    await press('Remove permanently');
    expect((await screen.findByRole('alert')).textContent).toContain(said);
    expect(refresh).not.toHaveBeenCalled();
    expect(screen.getByRole('button', { name: 'Remove permanently' })).toBeTruthy();
  });

  it('cuts a long list of faults short, and says how many are ignore', () => {
    const faults = Array.from({ length: 20 }, (_, place) => `layers.${place}: it is missing.`);
    render(<TroubleList troubles={[{ ...torn, faults }]} />);
    expect(screen.getByText('and 14 more')).toBeTruthy();
    expect(screen.queryByText('layers.6: it is missing.')).toBeNull();
  });
});
