// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { OfferedChange } from '@/core/explore/bestChanges';
import { plainLayer } from '@/core/layers/plainLayer';
import { ClaimedSurfaces } from './ClaimedSurfaces';
import { VerdictBand } from './VerdictBand';

afterEach(cleanup);

const CHANGE = {
  what: ['Trim the top pad'],
  edit: { type: 'remove', layerId: 'a' },
  urgentFewer: 1,
  checkFewer: 0,
  gains: [],
  losses: [],
} as unknown as OfferedChange;
const draw = (stale: boolean, onEdit = vi.fn()) => {
  render(
    <VerdictBand
      action={null}
      verdict={{ level: 'urgent', state: ['It spills.'], next: ['Next service: today.'] }}
      changes={[CHANGE]}
      {...{ stale, onEdit }}
    />,
  );
  return onEdit;
};

describe('the changes that are offered beside the verdict', () => {
  it('are made at a press', () => {
    const onEdit = draw(false);
    fireEvent.click(screen.getByRole('button', { name: /Trim the top pad.*1 fewer urgent/ }));
    expect(onEdit).toHaveBeenCalledWith(CHANGE.edit);
  });

  it('are shown and not made while they are of the pack as it was a moment ago', () => {
    const onEdit = draw(true);
    const button = screen.getByRole('button', { name: /Trim the top pad/ });
    expect(button.getAttribute('aria-disabled')).toBe('true');
    fireEvent.click(button);
    expect(onEdit).not.toHaveBeenCalled();
  });
});

describe('claimed surfaces', () => {
  it('are held against what a film can use, and never drawn for what claims none', () => {
    const { container } = render(
      <ClaimedSurfaces layers={[plainLayer('a', 'sintered-glass', 'tray-1', 0.05)]} />,
    );
    expect(container.textContent).toContain('Sintered glass');
    for (const rect of container.querySelectorAll('rect'))
      expect(Number(rect.getAttribute('width'))).toBeGreaterThanOrEqual(0);
  });
});
