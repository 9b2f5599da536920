// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { plainLayer } from '@/core/layers/plainLayer';
import { presetFilter } from '@/core/filter/presetFilter';
import { FoundForm } from './FoundForm';

afterEach(cleanup);

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const chamber = filter.chambers.find(({ id }) => id === 'tray-1')!;
const other = plainLayer('b', 'lava', 'tray-1', 0.03);

const draw = (medium = 'foam-30') => {
  const onEdit = vi.fn();
  const layer = { ...plainLayer('a', medium, 'tray-1', 0.03), installedOn: '2026-05-01' };
  render(
    <FoundForm
      jobId="j"
      chamber={chamber}
      layer={layer}
      layers={[layer, other]}
      photos={[]}
      onPhotos={() => undefined}
      onEdit={onEdit}
    />,
  );
  return { onEdit, changes: () => onEdit.mock.calls.map(([edit]) => (edit as { change: unknown }).change) };
};

describe('a piece as it was found', () => {
  it('is dirty, worn and dated as the keeper says, and each of them can be taken back', () => {
    const { changes } = draw();
    fireEvent.click(screen.getByRole('button', { name: 'blocked' }));
    fireEvent.click(screen.getByRole('checkbox', { name: 'smells bad' }));
    fireEvent.change(screen.getByLabelText('Installed on'), { target: { value: '' } });
    expect(changes()).toEqual([{ dirt: 'blocked' }, { signs: ['foul'] }, { installedOn: null }]);
  });

  // By hand: the tray is 8 cm deep, and 3 cm of lava lie in it.
  it('takes up as much of its tray as is seen at a glance', () => {
    const { changes } = draw();
    for (const name of ['a quarter', 'half', 'all that is left'])
      fireEvent.click(screen.getByRole('button', { name }));
    expect(changes()).toEqual([{ thickness: 0.02 }, { thickness: 0.04 }, { thickness: 0.05 }]);
  });

  it('takes no weight that cannot be', () => {
    const { onEdit } = draw();
    const weight = screen.getByLabelText('Weighed wet');
    for (const text of ['-2', 'heavy', '4000 kg']) {
      fireEvent.change(weight, { target: { value: text } });
      fireEvent.blur(weight);
    }
    expect(onEdit).not.toHaveBeenCalled();
  });

  it('asks for a description of what nobody knows, and offers to find the grade of a foam alone', () => {
    draw('unknown');
    expect(screen.getByLabelText(/Describe it/)).toBeTruthy();
    cleanup();
    draw('lava');
    expect(screen.queryByRole('button', { name: /grade/ })).toBeNull();
  });
});
