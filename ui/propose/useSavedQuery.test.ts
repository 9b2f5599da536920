// @vitest-environment happy-dom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { useSavedQuery } from './useSavedQuery';

const LIMITS = {
  neverOverflows: true,
  leastTurnover: 1e-3,
  mostTurnover: null,
  mostVisits: 20,
  mostMinutes: null,
  mostMass: 8,
};
const asked = (jobId: string) => renderHook(() => useSavedQuery(jobId)).result.current.asked;

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  sessionStorage.clear();
});

describe('useSavedQuery', () => {
  it('keeps every change for its job, and none for another', () => {
    const { result } = renderHook(() => useSavedQuery('job'));
    expect(result.current.asked).toEqual({});
    act(() => result.current.change({ from: 'listed', budget: 40 }));
    act(() => result.current.change({ limits: LIMITS }));
    act(() => result.current.change({ from: 'hand', budget: null, stay: [], pinned: ['floss'] }));
    const kept = { from: 'hand', budget: null, stay: [], pinned: ['floss'], limits: LIMITS };
    expect(result.current.asked).toEqual(kept);
    expect(asked('job')).toEqual(kept);
    expect(asked('other')).toEqual({});
    act(() => result.current.reset());
    expect(result.current.asked).toEqual({});
    expect(asked('job')).toEqual({});
  });

  it.each([
    ['{'],
    ['[]'],
    ['{"from":"the moon"}'],
    ['{"budget":"much"}'],
    ['{"budget":-3}'],
    ['{"stay":[1]}'],
    ['{"limits":{"mostVisits":20}}'],
  ])('asks as at first where %s was kept', (text) => {
    sessionStorage.setItem('neat-layer proposals job', text);
    expect(asked('job')).toEqual({});
  });

  it('goes on where nothing can be kept', () => {
    const refuse = () => {
      throw new Error('It is forbidden.');
    };
    vi.stubGlobal('sessionStorage', { getItem: refuse, setItem: refuse });
    const { result } = renderHook(() => useSavedQuery('job'));
    act(() => result.current.change({ budget: 12 }));
    expect(result.current.asked).toEqual({ budget: 12 });
  });
});
