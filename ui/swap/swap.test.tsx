// @vitest-environment happy-dom
import { act, cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import { plainLayer } from '@/core/layers/plainLayer';
import { aloneOn } from '@/core/report/surroundings';
import { newTank } from '@/core/tank/newTank';
import type { Tank } from '@/core/tank/tank';
import { SwapSheet } from './SwapSheet';

vi.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));
vi.stubGlobal('fetch', () => new Promise(() => undefined));

afterEach(cleanup);

const NOW = '2026-11-27T10:00:00.000Z';
const filter = presetFilter('canister-down-flow', { id: 'swap', tankId: 't' }, 'Test');
const layers = [plainLayer('a', 'foam-30', 'tray-4', 0.08), plainLayer('b', 'lava', 'tray-3', 0.08)];
const fed: Tank = {
  ...newTank('t', 'Test', 0.1),
  feed: { amount: { by: 'weight', perDay: 1e-3 }, protein: 0.4 },
};
const draw = (tank: Tank, id: string) =>
  render(
    <SwapSheet
      filter={{ doc: { ...filter, id }, version: 1, updatedAt: NOW }}
      job={null}
      layers={layers}
      around={aloneOn(tank)}
      now={NOW}
    />,
  );
const tick = (name: RegExp) => act(() => fireEvent.click(screen.getByRole('checkbox', { name })));

describe('a media swap', () => {
  it('cannot be planned where nothing is fed, and says so', () => {
    draw(
      {
        ...newTank('t', 'Test', 0.1),
        plants: 'none',
        feed: { amount: { by: 'weight', perDay: 0 }, protein: 0.4 },
      },
      'unfed',
    );
    expect(screen.getByRole('region', { name: 'Verdict' }).textContent).toMatch(/daily food/i);
    for (const box of screen.getAllByRole<HTMLInputElement>('checkbox')) expect(box.disabled).toBe(true);
  });

  it('is planned when a piece is ticked, in as many stages as the keeper likes, and undone', async () => {
    draw(fed, 'fed');
    await tick(/lava/i);
    const stages = () =>
      screen.getAllByRole('listitem').filter((item) => /stage|day/i.test(item.textContent)).length;
    const remove = screen.getByRole<HTMLButtonElement>('button', { name: 'Remove a stage' });
    const first = stages();
    await act(() => fireEvent.click(screen.getByRole('button', { name: 'Add a stage' })));
    expect(stages()).toBe(first + 1);
    await act(() => fireEvent.click(remove));
    await act(() => fireEvent.click(screen.getByRole('button', { name: /undo/i })));
    expect(stages()).toBe(first + 1);
    await tick(/lava/i);
    expect(screen.queryByRole('button', { name: 'Add a stage' })).toBeNull();
    expect(
      within(screen.getByRole('region', { name: 'Verdict' })).getByText(/No swap is planned/),
    ).toBeTruthy();
  });
});
