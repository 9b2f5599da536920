// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { tankMedia } from '@/core/care/matureMedia';
import { WATERS } from '@/demo/waters';
import { MatureSheet } from './MatureSheet';

vi.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));
afterEach(cleanup);

const NOW = '2026-11-27T12:00:00.000Z';
const tanks = WATERS.map(({ tank, filter, layers }) =>
  tankMedia({ tank, filters: [{ filter, layers, isOut: filter.id === 'reed-bench' }], log: [] }, NOW),
);
const gifts = () => screen.getByRole('region', { name: 'Media to give' }).textContent;

describe('MatureSheet', () => {
  it('says which tank can give what to the one that is chosen, and why others give nothing', () => {
    render(<MatureSheet tanks={tanks} now={NOW} />);
    expect(gifts()).toMatch(/0\.96\sL of pumice, 10 mm from Long run/);
    expect(gifts()).toContain('Nothing from Reed bench: a repack is under way.');
    fireEvent.change(screen.getByLabelText('For'), { target: { value: 'long-run-tank' } });
    expect(gifts()).toMatch(/sintered glass, 12 mm from Window sill/);
    fireEvent.change(screen.getByLabelText('For'), { target: { value: '' } });
    expect(gifts()).toContain('once the food of the tank is entered');
  });

  it('names a tank that needs media, and begins with it', () => {
    const { tank, filter, layers } = WATERS[0]!;
    const feed = { ...tank.feed, amount: { by: 'weight' as const, perDay: 6e-3 } };
    const hungry = tankMedia(
      { tank: { ...tank, name: 'Back room', feed }, filters: [{ filter, layers, isOut: false }], log: [] },
      NOW,
    );
    render(<MatureSheet tanks={[...tanks.slice(1), hungry]} now={NOW} />);
    expect(screen.getByText(/The bacteria of Back room may not be enough/)).toBeTruthy();
    expect(screen.getByLabelText<HTMLSelectElement>('For').value).toBe(tank.id);
  });

  it('lists what lives where a page at a time, and begins the work where there is nothing', () => {
    render(
      <MatureSheet
        tanks={Array.from({ length: 12 }, () => tanks[1]!).map((tank, index) => ({
          ...tank,
          tankId: `${index}`,
        }))}
        now={NOW}
      />,
    );
    const table = screen.getByRole('region', { name: 'What lives where' });
    expect(within(table).getAllByRole('row')).toHaveLength(61);
    fireEvent.click(within(table).getByRole('button', { name: /Show more \(12 left\)/ }));
    expect(within(table).getAllByRole('row')).toHaveLength(73);
    cleanup();
    render(<MatureSheet tanks={[]} now={NOW} />);
    expect(within(screen.getByRole('main')).getByRole('link', { name: 'Add a filter' })).toBeTruthy();
  });
});
