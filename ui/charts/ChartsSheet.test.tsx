// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import type { Outlook } from '@/core/outlook/outlook';
import { demoContent } from '@/demo/demoContent';
import { DEMO_SHELF } from '@/demo/demoShelf';
import { NO_OUTLOOK, type OutlookState } from '@/store/outlooks';
import { ChartsSheet } from './ChartsSheet';

vi.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));
// No browser here to hold a stream.
vi.mock('../state/onNews', () => ({ onNews: () => () => undefined }));

const NOW = '2026-11-25T12:00:00.000Z';
const { filter, tank, packs, log } = demoContent(new Date(NOW))[2]!;
const layers = packs.at(-1)!.layers;
const course = (from: number, to: number) => {
  const likely = Array.from({ length: 130 }, (_, place) => from + ((to - from) * place) / 130);
  return { likely, low: likely.map((value) => value * 0.9), high: likely.map((value) => value * 1.1) };
};
const outlook: OutlookState = {
  revision: 1,
  isFresh: true,
  ofThisPlace: true,
  madeAt: NOW,
  outlook: {
    learned: { posterior: null, refused: false, odd: [] },
    forecast: {
      packedAt: '2026-10-20T12:00:00.000Z',
      ...{ by: 'through', earliest: 50, likely: 60, latest: 70 },
      ...{ flow: course(4e-4, 1e-4), lost: course(0.02, 0.4), passes: course(0.9, 0.5) },
      visits: [{ day: 45, works: [], lifts: [], minutes: 30, why: 'flow' }],
      sponge: null,
    },
  } satisfies Outlook,
};
const draw = (entries = log, state = outlook) =>
  render(
    <ChartsSheet
      {...{ filter, layers, tank, outlook: state, log: entries, shelf: DEMO_SHELF, now: NOW }}
      isPacked
      job={null}
      electricityPrice={null}
    />,
  );
const lane = (name: RegExp): HTMLElement => screen.getByText(name).closest('figure')!;

beforeAll(() => {
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe = () => undefined;
      disconnect = () => undefined;
    },
  );
});

afterEach(cleanup);

describe('ChartsSheet', () => {
  // Twelve points of three days after the pack went in, a straight way of a hundred and thirty.
  it('reads all lanes on the chosen day, and moves it by keys', () => {
    draw();
    expect(screen.getByText(/Wed 25 November 2026, today|Wed, 25 November 2026, today/)).toBeTruthy();
    expect(lane(/^Flow at the outlet/).textContent).toMatch(
      /expected 1,340\sL\/h, likely range .*; measured/,
    );
    expect(lane(/^Pressure lost/).textContent).toMatch(/expected 55\smm, likely range/);
    expect(lane(/^Water through the worst layer/).textContent).toMatch(/expected 86\s%/);
    expect(lane(/^Ammonia/).textContent).toMatch(/mg\/L on \d+\sNov/);
    expect(lane(/^Minutes a month/).textContent).toContain('November 2026');
    const day = screen.getByRole('slider', { name: 'Day' });
    fireEvent.change(day, { target: { value: String(Number(day.getAttribute('aria-valuenow')) - 60) } });
    expect(lane(/^Minutes a month/).textContent).toContain('September 2026');
    expect(lane(/^Pressure lost/).textContent).toContain('no data for this day');
  });

  it('shows the days that are asked for, by dates or a span', () => {
    draw();
    const from = screen.getByLabelText<HTMLInputElement>('From');
    fireEvent.change(from, { target: { value: '2026-11-01' } });
    expect(from.value).toBe('2026-11-01');
    // Later than the other end, it takes that along.
    fireEvent.change(from, { target: { value: '2027-04-01' } });
    expect(screen.getByLabelText<HTMLInputElement>('To').value > '2027-04-01').toBe(true);
    // What is half typed, or not a day of the charts, moves nothing and is put right when the field is left.
    fireEvent.change(from, { target: { value: '0002-04-01' } });
    fireEvent.blur(from);
    expect(from.value).toBe('2027-04-01');
    fireEvent.click(screen.getByRole('button', { name: 'Everything' }));
    expect(from.value < '2025-11-01').toBe(true);
  });

  it('has a table of the same months', () => {
    draw();
    fireEvent.click(screen.getByText('The charts as a table'));
    const fold = screen.getByText('The charts as a table').closest('details')!;
    fold.open = true;
    fireEvent(fold, new Event('toggle'));
    const row = within(screen.getByRole('row', { name: /^November 2026/ }));
    expect(row.getByText(/L\/h/)).toBeTruthy();
    expect(screen.getByRole('row', { name: /^December 2026/ }).textContent).toContain('30 min planned');
  });

  it('says what is missing where nothing was logged and nothing is known', () => {
    draw([], NO_OUTLOOK);
    expect(lane(/^Flow at the outlet/).textContent).toContain('the forecast is being worked out');
    expect(lane(/^Nitrate/).textContent).toContain('no test in these days');
    expect(screen.getByText(/nothing logged in these days/)).toBeTruthy();
  });
});
