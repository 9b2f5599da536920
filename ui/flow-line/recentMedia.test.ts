// @vitest-environment happy-dom
import { beforeEach, expect, it, vi } from 'vitest';
import { recentMedia, rememberMedium } from './recentMedia';

beforeEach(() => localStorage.clear());

it('remembers the media used last, each once, the newest first, and only so many', () => {
  for (const id of ['a', 'b', 'a', 'c', 'd', 'e', 'f', 'g', 'h', 'i']) rememberMedium(id);
  expect(recentMedia()).toEqual(['i', 'h', 'g', 'f', 'e', 'd', 'c', 'a']);
});

it('offers nothing where the browser keeps nothing, or something strange', () => {
  localStorage.setItem('neat-lately-used', '{"half');
  expect(recentMedia()).toEqual([]);
  localStorage.setItem('neat-lately-used', '[1, "lava", null]');
  expect(recentMedia()).toEqual(['lava']);
  const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new Error('full');
  });
  expect(() => rememberMedium('pumice')).not.toThrow();
  full.mockRestore();
});
