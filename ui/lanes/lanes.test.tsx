// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import type { Layer } from '@/core/layers/layer';
import { plainLayer } from '@/core/layers/plainLayer';
import { aloneOn } from '@/core/report/surroundings';
import { evaluatePack } from '@/core/report/evaluatePack';
import { newTank } from '@/core/tank/newTank';
import { FlowLineProvider } from '../flow-line/FlowLineContext';
import type { PackEditing } from '../state/usePackEditing';
import { Lanes } from './Lanes';

afterEach(cleanup);

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const draw = (layers: readonly Layer[], fed: number | null) => {
  const tank = {
    ...newTank('t', 'Test', 0.1),
    feed: { amount: fed === null ? null : { by: 'weight' as const, perDay: fed }, protein: 0.4 },
  };
  return render(
    <FlowLineProvider
      filter={filter}
      report={evaluatePack({ ...aloneOn(tank), filter, layers, flow: null })}
      editing={{ layers, visits: [] } as unknown as PackEditing}
      selectedId={null}
      select={vi.fn()}
      sludge={null}
      ownMedia={[]}
    >
      <Lanes state={null} ofBacteria />
    </FlowLineProvider>,
  ).container;
};
const LAYERS = [plainLayer('foam', 'foam-30', 'tray-4', 0.08), plainLayer('stone', 'lava', 'tray-3', 0.08)];

describe('the lanes along the flow', () => {
  it.each([null, 0, 1e-3])('have a figure or none, and never half of one, with %s kg fed a day', (fed) => {
    const container = draw(LAYERS, fed);
    const choose = screen.getByRole('group', { name: 'Charts along the flow' });
    for (const button of within(choose).getAllByRole('button'))
      if (button.getAttribute('aria-pressed') !== 'true') fireEvent.click(button);
    expect(container.textContent).toContain('Pressure lost');
    expect(container.innerHTML).not.toMatch(/NaN|undefined|Infinity/);
  });

  it('are not there for an empty pack', () => {
    expect(draw([], 1e-3).textContent).toBe('');
  });
});
