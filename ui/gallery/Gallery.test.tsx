// @vitest-environment happy-dom
import { render, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { CATALOGUE } from '@/core/media/catalogue';
import { Gallery } from './Gallery';

vi.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));

it('shows every medium, field and verdict', () => {
  render(<Gallery />);
  for (const { name } of CATALOGUE)
    expect(screen.getAllByText(name, { exact: false }).length).toBeGreaterThan(0);
  expect(screen.getAllByRole('region', { name: 'Verdict' })).toHaveLength(4);
  expect(screen.getByRole('textbox', { name: 'With a fault' }).getAttribute('aria-invalid')).toBe('true');
});
