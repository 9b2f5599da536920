// @vitest-environment happy-dom
import { cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { UnitsProvider } from '../fields/UnitsProvider';
import type { Draft } from '../state/drafts';
import { saveText } from '../state/saveText';
import { SetAsideChanges } from './SetAsideChanges';

vi.mock('../state/saveText', () => ({ saveText: vi.fn() }));
afterEach(() => {
  cleanup();
  vi.clearAllMocks();
});

const draft = (pageId: string, change: Partial<Draft> = {}): Draft => ({
  kind: 'pack',
  id: 'p',
  pageId,
  at: '2026-11-25T10:00:00Z',
  schemaVersion: 2,
  version: 3,
  doc: { id: 'p', name: `of ${pageId}` },
  attempt: null,
  left: true,
  aside: ['A layer is in no chamber.'],
  ...change,
});
const show = (drafts: readonly Draft[], onTry?: (draft: Draft) => void) => {
  const onDrop = vi.fn();
  render(
    <UnitsProvider habits={{ system: 'metric', locale: 'en-GB', currency: 'EUR' }}>
      <SetAsideChanges drafts={drafts} onDrop={onDrop} {...(onTry === undefined ? {} : { onTry })} />
    </UnitsProvider>,
  );
  return onDrop;
};

describe('SetAsideChanges', () => {
  it('says what each change is and why it was set aside, three reasons at most', () => {
    show([draft('a', { aside: ['One.', 'Two.', 'Three.', 'Four.'] }), draft('b', { kind: 'tank' })]);
    const [first, second] = screen.getAllByRole('listitem');
    expect(first?.textContent).toMatch(/Change to the pack of 25 November/);
    expect(first?.textContent).toContain('Three.');
    expect(first?.textContent).not.toContain('Four.');
    expect(second?.textContent).toContain('Change to the tank');
  });

  it('exports the very document, puts back and drops the one that is meant', async () => {
    const onTry = vi.fn();
    const drafts = [draft('a'), draft('b')];
    const onDrop = show(drafts, onTry);
    const second = within(screen.getAllByRole('listitem')[1]!);
    await userEvent.click(second.getByRole('button', { name: /^Export/ }));
    expect(saveText).toHaveBeenCalledWith('pack-unsaved.json', JSON.stringify(drafts[1]?.doc, null, 2));
    await userEvent.click(second.getByRole('button', { name: /^Try again/ }));
    expect(onTry).toHaveBeenCalledWith(drafts[1]);
    await userEvent.click(second.getByRole('button', { name: /^Delete/ }));
    expect(onDrop).toHaveBeenCalledWith(drafts[1]);
  });

  it('offers nothing to put back where its document is not open', () => {
    show([draft('a')]);
    expect(screen.queryByRole('button', { name: /^Try again/ })).toBeNull();
    expect(screen.getByRole('button', { name: /^Export/ })).toBeTruthy();
  });
});
