// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { stations } from './filterPlaces';
import { Stations } from './Stations';

vi.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));
afterEach(cleanup);

it('leads to the stations that can be opened, and says what the others wait for', () => {
  const onWaits = vi.fn();
  render(
    <Stations stations={stations('f', { stage: 'plan', occasion: 'repack' }, 'plan')} onWaits={onWaits} />,
  );
  expect(screen.getByRole('link', { name: 'Plan' }).getAttribute('aria-current')).toBe('page');
  expect(screen.getByRole('link', { name: 'Strip (done)' }).getAttribute('href')).toBe('/filter/f/strip');
  fireEvent.click(screen.getByRole('button', { name: 'Pack' }));
  expect(onWaits).toHaveBeenCalledWith('To open Pack, press “Go to the packing list” on Plan.');
});
