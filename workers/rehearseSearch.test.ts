import { expect, it, vi } from 'vitest';
import { judgePack } from '@/core/propose/judgePack';
import { rehearseSearch } from './rehearseSearch';

vi.mock('@/core/propose/judgePack', async (load) => {
  const real = await load<{ judgePack: typeof judgePack }>();
  return { judgePack: vi.fn(real.judgePack) };
});

it('goes through a search as far as the first forecasts', () => {
  rehearseSearch();
  const results = vi.mocked(judgePack).mock.results;
  expect(results.length).toBeGreaterThan(0);
  for (const { value } of results) expect(value).toMatchObject({ service: expect.any(Number) as number });
});
