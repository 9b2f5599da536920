import { renderToStaticMarkup } from 'react-dom/server';
import { expect, it } from 'vitest';
import { CATALOGUE } from '@/core/media/catalogue';
import { MediumPattern } from './MediumPattern';

it('draws every medium in a texture of its own', () => {
  const drawn = CATALOGUE.map((medium) =>
    renderToStaticMarkup(
      <MediumPattern prefix="p" medium={{ ...medium, like: medium.id, id: 'x' }} scale={1500} />,
    ),
  );
  const twins = CATALOGUE.filter((_, index) => drawn.indexOf(drawn[index] ?? '') !== index);
  expect(twins.map(({ id }) => id)).toEqual([]);
});
