// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { ForecastInput } from '@/core/dirt/cloggingInput';
import { presetFilter } from '@/core/filter/presetFilter';
import { plainLayer } from '@/core/layers/plainLayer';
import type { ServicePlan } from '@/core/service/servicePlan';
import { EMPTY_SHELF, type Shelf } from '@/core/shelf/shelf';
import { newTank } from '@/core/tank/newTank';
import { UnitsProvider } from '../fields/UnitsProvider';
import { YearCost } from './YearCost';

const answer = vi.hoisted(() => vi.fn<() => Promise<unknown>>());
vi.mock('./forecastWorkers', () => ({ askWorker: answer }));
vi.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));
afterEach(cleanup);

const preset = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const input: ForecastInput = {
  tank: newTank('t', 'Test', 0.1),
  filter: preset,
  layers: [plainLayer('p', 'floss-bonded', 'tray-4', 0.02)],
  others: [],
  visits: [],
};
const PADS: Shelf = {
  ...EMPTY_SHELF,
  items: [
    {
      kind: 'sheet',
      id: 's',
      label: '',
      medium: 'floss-bonded',
      length: 0.5,
      width: 0.5,
      thickness: 0.02,
      count: 1,
      offcut: false,
      price: 5,
    },
    { kind: 'piece', id: 'c', label: '', medium: 'cartridge', count: 0, price: 4 },
  ],
};
const plan = (days: number): Pick<ServicePlan, 'intervals'> => ({
  intervals: [{ layerId: 'p', days, work: 'replace' }],
});
const show = (change: Partial<Parameters<typeof YearCost>[0]> = {}) =>
  render(
    <UnitsProvider habits={{ system: 'metric', locale: 'en-GB', currency: 'EUR' }}>
      <YearCost input={input} found={[]} shelf={PADS} electricityPrice={null} now={3} {...change} />
    </UnitsProvider>,
  );

describe('the cost of a year', () => {
  beforeEach(() => {
    answer.mockReset();
    answer.mockResolvedValue(plan(30));
  });

  it('counts what is renewed by the year’s visits, and what cartridges would cost', async () => {
    show();
    expect(screen.getByText('working out')).toBeTruthy();
    // By hand: a tray of 19 cm square of a sheet at 5, a little over twelve times.
    expect(await screen.findByText('€8.79')).toBeTruthy();
    expect(screen.getByText(/One every 25 days\. The plan pays for itself after 2\d.days/)).toBeTruthy();
    expect(screen.getByRole('row', { name: /Bonded floss pad/ }).textContent).toMatch(/12\.2 times/);
  });

  it('sends to where the food, the watts and the price of electricity are entered', async () => {
    answer.mockResolvedValue(null);
    show();
    expect(await screen.findByRole('link', { name: 'Enter the daily food under Measure' })).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Enter the watts under Measure' })).toBeTruthy();
    cleanup();
    const powered = { ...preset, pump: { ...preset.pump, power: 12 } };
    show({ input: { ...input, filter: powered } });
    expect(screen.getByRole('link', { name: /Enter the price of a kilowatt-hour/ })).toBeTruthy();
    cleanup();
    show({ input: { ...input, filter: powered }, electricityPrice: 0.3 });
    // By hand: 12 W all year at 0.30.
    expect(screen.getByText('€31.56')).toBeTruthy();
  });

  it('says what has no price, and makes no pay-back of what is not known', async () => {
    show({ shelf: EMPTY_SHELF, now: null });
    expect(await screen.findByText(/1 layer has no price/)).toBeTruthy();
    expect(screen.getByText(/Prices are missing: see the shopping list/)).toBeTruthy();
    expect(screen.queryByText(/paid for itself/)).toBeNull();
  });

  it('is short on the bench: no bill, no table', async () => {
    show({ now: undefined });
    expect(await screen.findByText('€8.79')).toBeTruthy();
    expect(screen.queryByText('To buy now')).toBeNull();
    expect(screen.queryByRole('table')).toBeNull();
  });

  it('can be asked again where it could not be worked out', async () => {
    answer.mockRejectedValue(new Error('broken'));
    show();
    expect(await screen.findByRole('button', { name: 'Try again' })).toBeTruthy();
  });
});
