// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { plainLayer } from '@/core/layers/plainLayer';
import { FoundForm } from './FoundForm';

afterEach(cleanup);

const draw = (medium = 'foam-30') => {
  const onEdit = vi.fn();
  const layer = { ...plainLayer('a', medium, 'tray-1', 0.03), installedOn: '2026-05-01' };
  render(<FoundForm jobId="j" layer={layer} photos={[]} onPhotos={() => undefined} onEdit={onEdit} />);
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
