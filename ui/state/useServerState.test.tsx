// @vitest-environment happy-dom
import { act, renderHook } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { useServerState } from './useServerState';

describe('useServerState', () => {
  it('keeps what the sheet changed until the server sends the page anew', () => {
    const first = ['a'];
    const { result, rerender } = renderHook(({ sent }) => useServerState(sent), {
      initialProps: { sent: first },
    });
    act(() => result.current[1]((log) => [...log, 'b']));
    rerender({ sent: first });
    expect(result.current[0]).toEqual(['a', 'b']);
    rerender({ sent: ['a', 'b', 'c'] });
    expect(result.current[0]).toEqual(['a', 'b', 'c']);
    act(() => result.current[1]([]));
    expect(result.current[0]).toEqual([]);
  });
});
