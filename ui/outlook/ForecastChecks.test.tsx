// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { ForecastCheck } from '@/core/outlook/forecastCheck';
import { UnitsProvider } from '../fields/UnitsProvider';
import { ForecastScores } from '../settings/ForecastScores';
import { ForecastChecks } from './ForecastChecks';
import { readForecastChecks } from './readForecastChecks';

vi.mock('./readForecastChecks');
vi.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));
const answers = vi.mocked(readForecastChecks);

afterEach(() => {
  cleanup();
  answers.mockReset();
});

const check = (changed: Partial<ForecastCheck>): ForecastCheck => ({
  what: 'service',
  packedAt: '2026-05-29T12:00:00.000Z',
  expected: { low: 42, likely: 43, high: 44 },
  ...{ seen: 39.8, openedOn: null, off: -2.2 },
  ...changed,
});
const CHECKS = [
  check({}),
  check({ packedAt: '2026-07-15T12:00:00.000Z', seen: null, openedOn: 30, off: null }),
  check({ what: 'flow', expected: { low: 3e-4, likely: 3.2e-4, high: 3.5e-4 }, seen: 3.3e-4, off: 0 }),
];
const inUnits = (part: React.ReactNode) =>
  render(
    <UnitsProvider habits={{ system: 'metric', locale: 'en-GB', currency: 'EUR' }}>{part}</UnitsProvider>,
  );

describe('the table of past forecasts', () => {
  it('says what was predicted, what happened and by how much', async () => {
    answers.mockResolvedValue(CHECKS);
    inUnits(<ForecastChecks filterId="f" learned={[]} />);
    expect(screen.getByRole('status').textContent).toMatch(/Working out/);
    const table = await screen.findByRole('table', { name: /Days until/ });
    const cells = within(table)
      .getAllByRole('cell')
      .map(({ textContent }) => textContent?.replaceAll('\u00a0', ' '));
    expect(cells).toEqual([
      ...['42 to 44 days', '40 days', '2 days sooner'],
      ...['42 to 44 days', 'cleaned after 30 days, not at its limit yet', 'cannot be told'],
    ]);
    expect(
      screen.getByText('1 of 2 predictions were within the likely range. About 2 should be.'),
    ).toBeTruthy();
    expect(within(screen.getByRole('table', { name: /Flow/ })).getByText('within the range')).toBeTruthy();
  });

  it('says so where nothing can be compared, and asks again where no answer came', async () => {
    answers.mockResolvedValueOnce(null).mockResolvedValueOnce([]);
    inUnits(<ForecastChecks filterId="f" learned={[]} />);
    fireEvent.click(await screen.findByRole('button', { name: 'Try again' }));
    expect(await screen.findByText(/No pack can be compared yet/)).toBeTruthy();
  });

  it('is summed up over all filters, one after the other', async () => {
    answers.mockResolvedValueOnce(CHECKS).mockResolvedValueOnce(null).mockResolvedValue([]);
    const filters = [
      { id: 'a', name: 'Paper' },
      { id: 'b', name: 'Ink' },
      { id: 'c', name: 'Chalk' },
    ];
    inUnits(<ForecastScores filters={filters} />);
    // One that gives no answer does not keep the others from being read.
    const again = await screen.findByRole('button', { name: 'Try again' });
    expect(screen.getByRole('row', { name: /Ink/ }).textContent).toContain('no answer');
    expect(screen.getByRole('row', { name: /Chalk/ }).textContent).toContain('nothing to compare yet');
    fireEvent.click(again);
    expect(await screen.findByText(/1 of 2 predictions/)).toBeTruthy();
    expect(screen.queryByText('no answer')).toBeNull();
    const paper = screen.getByRole('row', { name: /Paper/ });
    expect(
      within(paper)
        .getAllByRole('cell')
        .map(({ textContent }) => textContent),
    ).toEqual(['2', '1', '1', '0']);
  });
});
