// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import type { Layer } from '@/core/layers/layer';
import { plainLayer } from '@/core/layers/plainLayer';
import { aloneOn } from '@/core/report/surroundings';
import { evaluatePack } from '@/core/report/evaluatePack';
import { newTank } from '@/core/tank/newTank';
import { FindingsPanel } from './FindingsPanel';
import { improvementsOf } from './improvementsOf';

vi.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));
afterEach(cleanup);

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const inputOf = (layers: readonly Layer[]) => ({
  ...aloneOn(newTank('t', 'Test', 0.1)),
  filter,
  layers,
  flow: null,
});
const WRAPPED = [
  plainLayer('foam', 'foam-30', 'tray-4', 0.08),
  { ...plainLayer('stone', 'lava', 'tray-3', 0.08), holder: 'wrapper' as const },
];
const draw = (layers: readonly Layer[], onEdit = vi.fn(), onSelect = vi.fn()) => {
  const input = inputOf(layers);
  render(
    <FindingsPanel title="Findings" report={evaluatePack(input)} {...{ input, onEdit, onSelect }} numbered />,
  );
  return { onEdit, onSelect, panel: screen.getByRole('region', { name: 'Findings' }) };
};

describe('the findings of a pack', () => {
  it('come worst first, each with its layer, its remedy and what that does', () => {
    const { onEdit, onSelect, panel } = draw(WRAPPED);
    const [first] = within(panel).getAllByRole('listitem');
    expect(first?.dataset.level).toBe('urgent');
    fireEvent.click(within(first!).getByRole('button', { name: /wrapper\.$/ }));
    expect(onSelect).toHaveBeenCalledWith('stone');
    expect(first?.textContent).toMatch(/fewer to check/);
    fireEvent.click(within(first!).getByRole('button', { name: 'Take it out of the wrapper' }));
    expect(onEdit).toHaveBeenCalledWith({ type: 'set', layerId: 'stone', change: { holder: 'bag' } });
  });

  it('are asked for where nothing is entered', () => {
    expect(draw([]).panel.textContent).toContain('Enter a layer');
  });
});

describe('improvementsOf', () => {
  it('offers what helps a figure, and nothing for what cannot be helped', () => {
    const found = improvementsOf(inputOf(WRAPPED));
    for (const { by } of found.values()) expect(by.si).toBeGreaterThan(0);
    expect(improvementsOf(inputOf([])).size).toBeLessThanOrEqual(found.size);
  });
});
