// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import { plainLayer } from '@/core/layers/plainLayer';
import { aloneOn } from '@/core/report/surroundings';
import { evaluatePack } from '@/core/report/evaluatePack';
import { newTank } from '@/core/tank/newTank';
import type { PackEditing } from '../state/usePackEditing';
import { FlowLineProvider } from './FlowLineContext';
import { LayerEditor } from './LayerEditor';

afterEach(cleanup);

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const open = (medium: string) => {
  const layer = plainLayer('a', medium, 'tray-4', 0.04);
  const edit = vi.fn();
  render(
    <FlowLineProvider
      filter={filter}
      report={evaluatePack({ ...aloneOn(newTank('t', 'Test', 0.1)), filter, layers: [layer], flow: null })}
      editing={{ layers: [layer], visits: [], edit } as unknown as PackEditing}
      selectedId="a"
      select={vi.fn()}
      sludge={null}
      ownMedia={[]}
    >
      <LayerEditor layer={layer} firstField={{ current: null }} />
    </FlowLineProvider>,
  );
  return edit;
};

it('takes scrubbers by the piece: as many as typed give the thickness', async () => {
  const edit = open('scrubbers');
  const pieces = screen.getByLabelText('Pieces, about');
  await userEvent.clear(pieces);
  await userEvent.type(pieces, '10');
  // 5 to the litre on a face of 19 × 19 cm.
  expect(edit).toHaveBeenLastCalledWith(
    { type: 'set', layerId: 'a', change: { thickness: expect.closeTo(2e-3 / 0.0361, 6) as number } },
    expect.any(String),
  );
  await userEvent.clear(pieces);
  await userEvent.type(pieces, '0');
  expect(screen.getByText(/Type a whole number from 1/)).toBeTruthy();
});

it('asks nobody to count stone', () => {
  open('lava');
  expect(screen.queryByLabelText('Pieces, about')).toBeNull();
});
