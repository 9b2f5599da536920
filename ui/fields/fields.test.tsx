// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { LAYER_BOUNDS } from '@/core/layers/layerBounds';
import { CheckList } from './CheckList';
import { ChoiceField } from './ChoiceField';
import { CountField } from './CountField';
import { UnitsProvider } from './UnitsProvider';
import { NameField } from './NameField';
import { QuantityField } from './QuantityField';
import { ToggleField, ToggleManyField } from './ToggleField';

afterEach(cleanup);

/** A thickness that is stored when it can be read, as a sheet holds it. */
function Thickness({
  onStored,
  locale = 'en-GB',
}: {
  onStored: (si: number | null) => void;
  locale?: string;
}) {
  const [stored, setStored] = useState<number | null>(0.03);
  return (
    <UnitsProvider habits={{ system: 'metric', locale, currency: 'EUR' }}>
      <QuantityField
        label="Thickness"
        bounds={LAYER_BOUNDS.thickness}
        value={stored}
        onChange={(si) => {
          setStored(si);
          onStored(si);
        }}
      />
      <button type="button" onClick={() => setStored(0.05)}>
        undo
      </button>
    </UnitsProvider>
  );
}

describe('QuantityField', () => {
  it('stores what can be read, shows it as it was typed, and as it was understood once it is left', async () => {
    const onStored = vi.fn();
    render(<Thickness onStored={onStored} />);
    const field = screen.getByLabelText('Thickness');
    expect(field).toHaveProperty('value', '3.0');
    await userEvent.clear(field);
    await userEvent.type(field, '45 mm');
    expect(field).toHaveProperty('value', '45 mm');
    expect(onStored).toHaveBeenLastCalledWith(0.045);
    await userEvent.tab();
    expect(field).toHaveProperty('value', '4.5');
  });

  it('keeps a slip in sight with its fault, stores nothing of it, and gives way to Escape', async () => {
    const onStored = vi.fn();
    render(<Thickness onStored={onStored} />);
    const field = screen.getByLabelText('Thickness');
    await userEvent.clear(field);
    await userEvent.type(field, 'abc');
    await userEvent.tab();
    expect(field).toHaveProperty('value', 'abc');
    expect(field.getAttribute('aria-invalid')).toBe('true');
    const said = document.getElementById(field.getAttribute('aria-describedby') ?? '');
    expect(said?.textContent).toMatch(/“abc” is not a number. Type a number, such as 4.5 cm/);
    expect(onStored).not.toHaveBeenCalled();
    await userEvent.type(field, '{Escape}');
    expect(field).toHaveProperty('value', '3.0');
  });

  it('follows what is stored while nobody types', async () => {
    render(<Thickness onStored={() => undefined} />);
    await userEvent.click(screen.getByText('undo'));
    expect(screen.getByLabelText('Thickness')).toHaveProperty('value', '5.0');
  });

  it('reads the keeper’s language, and asks where a sign could do either', async () => {
    const onStored = vi.fn();
    const { unmount } = render(<Thickness onStored={onStored} locale="de-DE" />);
    const german = screen.getByLabelText('Thickness');
    await userEvent.clear(german);
    await userEvent.type(german, '4,5{Enter}');
    expect(onStored).toHaveBeenLastCalledWith(0.045);
    expect(german).toHaveProperty('value', '4,5');
    unmount();
    render(<Thickness onStored={onStored} locale="fr-FR" />);
    const french = screen.getByLabelText('Thickness');
    await userEvent.clear(french);
    await userEvent.type(french, '1.050 mm');
    expect(screen.getByText(/can be read as 1050 or as 1,05/)).toBeTruthy();
    // What was typed on the way was a value each time; the last that could be read stays.
    expect(onStored).toHaveBeenLastCalledWith(1.05 / 100);
  });
});

describe('other fields', () => {
  it('a count takes whole numbers within its bounds, an empty one only where it may be', async () => {
    const onChange = vi.fn();
    render(<CountField label="Bends" value={4} min={0} max={40} onChange={onChange} />);
    const field = screen.getByLabelText('Bends');
    await userEvent.clear(field);
    expect(screen.getByText('Type a whole number from 0 to 40.')).toBeTruthy();
    await userEvent.type(field, '41');
    await userEvent.clear(field);
    await userEvent.type(field, '2.5');
    await userEvent.clear(field);
    await userEvent.type(field, '12');
    expect(onChange.mock.calls.flat()).toEqual([4, 2, 2, 1, 12]);
  });

  it('a name is never stored empty', async () => {
    const onChange = vi.fn();
    render(<NameField label="Name" value="Sill" onChange={onChange} />);
    await userEvent.clear(screen.getByLabelText('Name'));
    expect(screen.getByText(/is missing: type a name/)).toBeTruthy();
    expect(onChange).not.toHaveBeenCalled();
  });

  it('a toggle gives the chosen state, and none when it is pressed again', async () => {
    const onChange = vi.fn();
    const options = ['clean', 'loaded'].map((value) => ({ value, label: value }));
    const { rerender } = render(
      <ToggleField label="How dirty" options={options} value={null} onChange={onChange} />,
    );
    await userEvent.click(screen.getByRole('button', { name: 'loaded' }));
    expect(onChange).toHaveBeenLastCalledWith('loaded');
    rerender(<ToggleField label="How dirty" options={options} value="loaded" onChange={onChange} />);
    expect(screen.getByRole('button', { name: 'loaded' }).getAttribute('aria-pressed')).toBe('true');
    await userEvent.click(screen.getByRole('button', { name: 'loaded' }));
    expect(onChange).toHaveBeenLastCalledWith(null);
  });

  it('lists of switches and ticks give all that is on', async () => {
    const [onLanes, onSigns] = [vi.fn(), vi.fn()];
    const options = ['head', 'dirt'].map((value) => ({ value, label: value }));
    render(
      <>
        <ToggleManyField label="Lanes" options={options} values={['head']} onChange={onLanes} />
        <CheckList legend="Signs" items={options} chosen={['head', 'dirt']} onChange={onSigns} />
      </>,
    );
    await userEvent.click(screen.getByRole('button', { name: 'dirt' }));
    expect(onLanes).toHaveBeenLastCalledWith(['head', 'dirt']);
    await userEvent.click(screen.getByRole('checkbox', { name: 'head' }));
    expect(onSigns).toHaveBeenLastCalledWith(['dirt']);
  });

  it('a choice is made by its label, in groups', async () => {
    const onChange = vi.fn();
    render(
      <ChoiceField
        label="Medium"
        value="lava"
        choices={[
          { value: 'lava', label: 'Lava rock', group: 'porous mineral' },
          { value: 'foam', label: 'Foam', group: 'foam' },
        ]}
        onChange={onChange}
      />,
    );
    await userEvent.selectOptions(screen.getByLabelText('Medium'), 'Foam');
    expect(onChange).toHaveBeenCalledWith('foam');
  });
});
