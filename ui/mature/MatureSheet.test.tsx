// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { tankMedia } from '@/core/mature/matureMedia';
import { WATERS } from '@/demo/waters';
import type { MaturePage } from '@/server/maturePage';
import { MatureSheet } from './MatureSheet';

vi.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));
afterEach(cleanup);

const NOW = '2026-11-27T12:00:00.000Z';
const tanks = WATERS.map(({ tank, filter, layers }) =>
  tankMedia({ tank, filters: [{ filter, layers, isOut: filter.id === 'reed-bench' }], log: [] }, NOW),
);
const pageOf = (media: typeof tanks, from = 0): MaturePage => {
  const rows = media.flatMap(({ tank, load, homes }) => homes.map((home) => ({ tank, load, home })));
  return { tanks: media, rows: rows.slice(from, from + 60), total: rows.length, from };
};
const gifts = () => screen.getByRole('region', { name: 'Media to give' }).textContent;

describe('MatureSheet', () => {
  it('says which tank can give what to the one that is chosen, and why others give nothing', () => {
    render(<MatureSheet page={pageOf(tanks)} now={NOW} />);
    expect(gifts()).toMatch(/0\.96\sL of pumice, 10 mm from Long run/);
    expect(gifts()).toContain('Nothing from Reed bench: it is being repacked.');
    fireEvent.change(screen.getByLabelText('For'), { target: { value: 'long-run-tank' } });
    expect(gifts()).toMatch(/sintered glass, 12 mm from Window sill/);
    fireEvent.change(screen.getByLabelText('For'), { target: { value: '' } });
    expect(gifts()).toContain('Enter the daily food of the tank');
  });

  it('names a tank that needs media, and begins with it', () => {
    const { tank, filter, layers } = WATERS[0]!;
    const feed = { ...tank.feed, amount: { by: 'weight' as const, perDay: 6e-3 } };
    const hungry = tankMedia(
      { tank: { ...tank, name: 'Back room', feed }, filters: [{ filter, layers, isOut: false }], log: [] },
      NOW,
    );
    render(<MatureSheet page={pageOf([...tanks.slice(1), hungry])} now={NOW} />);
    expect(screen.getByText(/The bacteria of Back room may not be enough/)).toBeTruthy();
    expect(screen.getByLabelText<HTMLSelectElement>('For').value).toBe(tank.id);
  });

  it('lists which tanks have bacteria to spare a page at a time, and begins the work where there is nothing', () => {
    const many = Array.from({ length: 12 }, (_, index) => ({
      ...tanks[1]!,
      tankId: `${index}`,
      homes: tanks[1]!.homes.map((home) => ({ ...home, key: `${index}/${home.key}` })),
    }));
    render(<MatureSheet page={pageOf(many)} now={NOW} />);
    const table = screen.getByRole('region', { name: 'Where your bacteria live' });
    expect(within(table).getAllByRole('row')).toHaveLength(61);
    expect(table.textContent).toContain('1 to 60 of 72');
    expect(within(table).getByRole('link', { name: 'Next' }).getAttribute('href')).toBe('/mature?from=60');
    cleanup();
    render(<MatureSheet page={pageOf(many, 60)} now={NOW} />);
    expect(screen.getByText(/61 to 72 of 72/)).toBeTruthy();
    expect(screen.queryByRole('link', { name: 'Next' })).toBeNull();
    cleanup();
    render(<MatureSheet page={pageOf([])} now={NOW} />);
    expect(within(screen.getByRole('main')).getByRole('link', { name: 'Add a filter' })).toBeTruthy();
  });
});
