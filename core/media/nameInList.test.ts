import { expect, it } from 'vitest';
import { CATALOGUE } from './catalogue';
import { nameInList } from './nameInList';

it('names media so that a list of them can be read: no commas of their own outside brackets, no loose units', () => {
  expect(nameInList({ name: 'Medium foam, 30 ppi' })).toBe('medium foam (30\u00a0ppi)');
  expect(nameInList({ name: 'Bonded floss pad' })).toBe('bonded floss pad');
  expect(nameInList({ name: 'Mine, blue, 2 cm' })).toBe('mine (blue, 2\u00a0cm)');
  for (const medium of CATALOGUE) expect(nameInList(medium).replace(/\(.*\)/, '')).not.toMatch(/,|\d\s/);
});
