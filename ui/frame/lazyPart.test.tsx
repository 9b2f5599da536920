// @vitest-environment happy-dom
import { act, cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { lazyPart, usePreload } from './lazyPart';

afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

const Part = ({ say }: { readonly say: string }) => <p>{say}</p>;
const settled = async (): Promise<void> => {
  await Promise.resolve();
};

describe('lazyPart', () => {
  it('is loaded once, when it is first shown', async () => {
    const load = vi.fn(() => Promise.resolve(Part));
    const Lazy = lazyPart(load);
    expect(load).not.toHaveBeenCalled();
    render(<Lazy say="here" />);
    await screen.findByText('here');
    cleanup();
    render(<Lazy say="again" />);
    // It is there already: nothing flickers.
    expect(screen.getByText('again')).toBeTruthy();
    expect(load).toHaveBeenCalledTimes(1);
  });

  it('shows what stands for it while it comes', async () => {
    const Lazy = lazyPart(() => Promise.resolve(Part), <p>Coming …</p>);
    render(<Lazy say="here" />);
    expect(screen.getByText('Coming …')).toBeTruthy();
    await screen.findByText('here');
    expect(screen.queryByText('Coming …')).toBeNull();
  });

  it('that cannot be had says so and leaves the rest of the sheet standing', async () => {
    const Lazy = lazyPart<{ say: string }>(() => Promise.reject(new Error('away')));
    render(
      <main>
        <h1>Plan</h1>
        <Lazy say="here" />
      </main>,
    );
    expect((await screen.findByRole('alert')).textContent).toContain('could not be loaded');
    expect(screen.getByRole('heading', { name: 'Plan' })).toBeTruthy();
  });

  it('is fetched ahead once the sheet has stood for a while, and tried again where that failed', async () => {
    vi.useFakeTimers();
    const load = vi.fn(() => Promise.resolve(Part)).mockRejectedValueOnce(new Error('away'));
    const Lazy = lazyPart(load);
    const Sheet = ({ open }: { open: boolean }) => {
      usePreload(Lazy);
      return open ? <Lazy say="here" /> : null;
    };
    const { rerender } = render(<Sheet open={false} />);
    await act(() => vi.advanceTimersByTimeAsync(1999));
    expect(load).not.toHaveBeenCalled();
    await act(() => vi.advanceTimersByTimeAsync(1));
    expect(load).toHaveBeenCalledTimes(1);
    rerender(<Sheet open />);
    await act(settled);
    await act(settled);
    expect(load).toHaveBeenCalledTimes(2);
    expect(screen.getByText('here')).toBeTruthy();
  });
});
