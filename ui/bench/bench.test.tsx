// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import { plainLayer } from '@/core/layers/plainLayer';
import { aloneOn } from '@/core/report/surroundings';
import { evaluatePack } from '@/core/report/evaluatePack';
import { newTank } from '@/core/tank/newTank';
import { PackingOrderList } from './PackingOrderList';

afterEach(cleanup);

// Water comes from above: what the hands put in first is what it meets last.
const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const layers = [plainLayer('foam', 'foam-30', 'tray-4', 0.08), plainLayer('stone', 'lava', 'tray-1', 0.08)];
const report = evaluatePack({ ...aloneOn(newTank('t', 'Test', 0.1)), filter, layers, flow: null });
const draw = (list = layers, removal = false) => {
  const onSelect = vi.fn();
  render(
    <PackingOrderList
      title="Order"
      {...{ filter, report, onSelect, removal }}
      layers={list}
      selectedId="foam"
    />,
  );
  return onSelect;
};
const rows = (): string[] => screen.getAllByRole('button').map(({ textContent }) => textContent);

describe('the order of the hands', () => {
  it('puts in first what is taken out last, beside the number along the water', () => {
    draw();
    expect(rows()[0]).toMatch(/^1Lava.*L.*2$/);
    expect(rows()[1]).toMatch(/^2Medium foam.*8\.0.*1$/);
    cleanup();
    draw(layers, true);
    expect(rows()[0]).toMatch(/^1Medium foam/);
    cleanup();
    // Drawn again it is as it was.
    draw();
    expect(rows()[0]).toMatch(/^1Lava/);
  });

  it('chooses a layer, and says when there is none', () => {
    const onSelect = draw();
    fireEvent.click(screen.getByRole('button', { name: /Lava/ }));
    expect(onSelect).toHaveBeenCalledWith('stone');
    expect(screen.getByRole('button', { name: /foam/ }).getAttribute('aria-pressed')).toBe('true');
    cleanup();
    draw([]);
    expect(screen.getByText('Nothing in the filter yet.')).toBeTruthy();
  });
});
