// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useLayoutEffect } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { useKeys, type Shortcut } from './useKeys';

afterEach(cleanup);

function Sheet({ shortcuts }: { shortcuts: readonly Shortcut[] }) {
  useKeys(shortcuts);
  return (
    <main>
      <label>
        Name
        <input />
      </label>
      <button type="button" onKeyDown={(event) => event.preventDefault()}>
        Own keys
      </button>
    </main>
  );
}

const onKey = (key: string, run?: () => void): Shortcut => ({
  keys: key,
  does: `press ${key}`,
  matches: (event) => event.key === key,
  ...(run === undefined ? {} : { run }),
});

describe('useKeys', () => {
  it('runs the shortcut that is meant, and only that', async () => {
    const [first, second] = [vi.fn(), vi.fn()];
    render(<Sheet shortcuts={[onKey('a', first), onKey('b', second), onKey('c')]} />);
    await userEvent.keyboard('bc');
    expect(first).not.toHaveBeenCalled();
    expect(second).toHaveBeenCalledTimes(1);
  });

  it('leaves the keys alone while somebody types, and those that an element took for itself', async () => {
    const run = vi.fn();
    render(<Sheet shortcuts={[onKey('a', run)]} />);
    await userEvent.type(screen.getByLabelText('Name'), 'a');
    expect(screen.getByLabelText('Name')).toHaveProperty('value', 'a');
    screen.getByRole('button', { name: 'Own keys' }).focus();
    await userEvent.keyboard('a');
    expect(run).not.toHaveBeenCalled();
  });

  it('follows its sheet: what it does now, and nothing once it is gone', async () => {
    const [before, after] = [vi.fn(), vi.fn()];
    const { rerender, unmount } = render(<Sheet shortcuts={[onKey('a', before)]} />);
    rerender(<Sheet shortcuts={[onKey('a', after)]} />);
    await userEvent.keyboard('a');
    unmount();
    await userEvent.keyboard('a');
    expect(before).not.toHaveBeenCalled();
    expect(after).toHaveBeenCalledTimes(1);
  });

  it('means what the sheet shows from the moment it shows it', () => {
    const [before, after] = [vi.fn(), vi.fn()];
    // Presses as soon as it stands, before anything that is left for later.
    const Pressed = () => {
      useLayoutEffect(() => {
        window.dispatchEvent(new KeyboardEvent('keydown', { key: 'a' }));
      });
      return null;
    };
    const sheet = (run: () => void, pressed: boolean) => (
      <>
        <Sheet shortcuts={[onKey('a', run)]} />
        {pressed ? <Pressed /> : null}
      </>
    );
    const { rerender } = render(sheet(before, false));
    rerender(sheet(after, true));
    expect(before).not.toHaveBeenCalled();
    expect(after).toHaveBeenCalledTimes(1);
  });
});
