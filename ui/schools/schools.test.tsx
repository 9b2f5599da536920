// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { DEFAULT_SCHOOLS } from '@/core/findings/defaultSchools';
import type { School } from '@/core/findings/schools';
import { SCHOOL_WORDS } from '@/core/findings/schoolWords';
import { positionOf } from './SchoolNote';
import { SchoolsForm } from './SchoolsForm';

afterEach(cleanup);

describe('what keepers disagree on', () => {
  it('shows every question with the position that is held, and changes that one alone', () => {
    const onChange = vi.fn();
    render(<SchoolsForm schools={DEFAULT_SCHOOLS} onChange={onChange} />);
    for (const school of Object.keys(SCHOOL_WORDS) as School[]) {
      const group = screen.getByRole('group', { name: SCHOOL_WORDS[school].question });
      const held = within(group)
        .getAllByRole<HTMLInputElement>('radio')
        .filter(({ checked }) => checked);
      expect(held.map(({ value }) => value)).toEqual([DEFAULT_SCHOOLS[school]]);
    }
    fireEvent.click(
      screen.getByRole('radio', { name: new RegExp(`^${SCHOOL_WORDS.rings.positions.enough.name}`) }),
    );
    expect(onChange).toHaveBeenCalledWith({ ...DEFAULT_SCHOOLS, rings: 'enough' });
  });

  it('refuses a position that no school holds', () => {
    expect(() => positionOf('rings', { ...DEFAULT_SCHOOLS, rings: 'perhaps' as never })).toThrow(/perhaps/);
  });
});
