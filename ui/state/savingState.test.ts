import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Stored } from '@/store/documentTable';
import {
  hasUnsaved,
  isSettled,
  reduceSaving,
  savedAs,
  type SavingEvent,
  type SavingState,
} from './savingState';

interface Doc {
  readonly text: string;
}
const stored = (text: string, version: number): Stored<Doc> => ({
  doc: { text },
  version,
  updatedAt: `2026-11-27T10:00:0${version}.000Z`,
});
const after = (...events: readonly SavingEvent<Doc>[]): SavingState<Doc> =>
  events.reduce<SavingState<Doc>>(reduceSaving, savedAs(stored('a', 1)));
const changed = (text: string): SavingEvent<Doc> => ({ type: 'changed', doc: { text } });
const sent = (changeId: string): SavingEvent<Doc> => ({ type: 'sent', changeId });
const answered = (
  changeId: string,
  outcome: Extract<SavingEvent<Doc>, { type: 'answered' }>['outcome'],
): SavingEvent<Doc> => ({ type: 'answered', changeId, outcome });
const LOST = { kind: 'unreachable' } as const;

describe('reduceSaving', () => {
  it('is saved once the answer to the newest change is there', () => {
    const open = after(changed('b'), sent('1'));
    expect([hasUnsaved(open), open.state.kind]).toEqual([true, 'saving']);
    const done = reduceSaving(open, answered('1', { kind: 'saved', value: stored('b', 2) }));
    expect(done).toMatchObject({ version: 2, attempt: null, state: { kind: 'saved' } });
    expect(isSettled(done)).toBe(true);
  });

  it('goes on saving what was typed while an answer was on its way', () => {
    const state = after(
      changed('b'),
      sent('1'),
      changed('c'),
      answered('1', { kind: 'saved', value: stored('b', 2) }),
    );
    expect(state).toMatchObject({ doc: { text: 'c' }, version: 2, state: { kind: 'saving' } });
    expect(reduceSaving(state, sent('2')).attempt).toMatchObject({
      changeId: '2',
      version: 2,
      doc: { text: 'c' },
    });
  });

  it('sends a save that was not answered again as it was', () => {
    const state = after(changed('b'), sent('1'), answered('1', LOST), changed('c'), sent('2'));
    expect(state.attempt).toMatchObject({ changeId: '1', version: 1, doc: { text: 'b' } });
    expect(after(changed('b'), sent('1'), answered('1', LOST), answered('1', LOST)).failures).toBe(2);
    expect(reduceSaving(state, answered('1', { kind: 'saved', value: stored('b', 2) })).failures).toBe(0);
  });

  it('pays no heed to an answer that is not of the save under way', () => {
    const state = after(changed('b'), sent('1'));
    expect(reduceSaving(state, answered('0', { kind: 'saved', value: stored('z', 9) }))).toBe(state);
    const taken = reduceSaving(state, { type: 'taken', stored: stored('theirs', 5) });
    expect(reduceSaving(taken, answered('1', { kind: 'saved', value: stored('b', 6) }))).toBe(taken);
  });

  it('stops at somebody else’s version until the keeper has chosen', () => {
    const state = after(
      changed('b'),
      sent('1'),
      answered('1', { kind: 'conflict', current: stored('x', 4) }),
      changed('c'),
    );
    expect(state).toMatchObject({ doc: { text: 'c' }, state: { kind: 'conflict' }, theirs: { version: 4 } });
    expect(isSettled(state)).toBe(false);
    expect(reduceSaving(state, { type: 'kept mine' })).toMatchObject({
      version: 4,
      theirs: null,
      doc: { text: 'c' },
    });
    const theirs = reduceSaving(state, { type: 'taken', stored: stored('x', 4) });
    expect([theirs.doc.text, isSettled(theirs)]).toEqual(['x', true]);
  });

  it('has no conflict with what says the same', () => {
    const state = after(
      changed('b'),
      sent('1'),
      answered('1', { kind: 'conflict', current: stored('b', 4) }),
    );
    expect(state).toMatchObject({ version: 4, theirs: null, state: { kind: 'saved' } });
    expect(hasUnsaved(state)).toBe(false);
  });

  it('saves what two have put together', () => {
    const state = after(changed('b'), sent('1'), {
      type: 'merged',
      doc: { text: 'bx' },
      theirs: stored('x', 4),
    });
    expect(state).toMatchObject({
      doc: { text: 'bx' },
      version: 4,
      attempt: null,
      state: { kind: 'saving' },
    });
    expect(hasUnsaved(state)).toBe(true);
  });

  it('says what was refused, unless it was changed since', () => {
    const refused = answered('1', { kind: 'refused', faults: ['Too thick.'] });
    expect(after(changed('b'), sent('1'), refused).state).toEqual({
      kind: 'refused',
      faults: ['Too thick.'],
    });
    expect(after(changed('b'), sent('1'), changed('c'), refused).state.kind).toBe('saving');
  });

  it('takes up a draft: first what it had sent, then what was typed after', () => {
    const attempt = { changeId: 'old', version: 1, doc: { text: 'b' } };
    const state = after({
      type: 'adopted',
      draft: { doc: { text: 'c' }, version: 1, attempt, hasMore: true },
    });
    expect(reduceSaving(state, sent('new')).attempt?.changeId).toBe('old');
    const rest = reduceSaving(state, answered('old', { kind: 'saved', value: stored('b', 2) }));
    expect([hasUnsaved(rest), rest.doc.text]).toEqual([true, 'c']);
    const same = { doc: { text: 'a' }, version: 1, attempt: null, hasMore: false };
    expect(after({ type: 'adopted', draft: same })).toEqual(savedAs(stored('a', 1)));
  });

  it('never says saved while something typed is not stored, whatever happens in whatever order', () => {
    const event = fc.oneof(
      fc.constantFrom('b', 'c', 'd').map(changed),
      fc.constantFrom('1', '2').map(sent),
      fc
        .tuple(fc.constantFrom('1', '2'), fc.constantFrom('b', 'x'), fc.integer({ min: 2, max: 9 }))
        .map(([id, text, version]) => answered(id, { kind: 'saved', value: stored(text, version) })),
      fc.constantFrom('1', '2').map((id) => answered(id, LOST)),
      fc.constantFrom('1', '2').map((id) => answered(id, { kind: 'conflict', current: stored('x', 7) })),
      fc.constant<SavingEvent<Doc>>({ type: 'kept mine' }),
    );
    fc.assert(
      fc.property(fc.array(event, { maxLength: 12 }), (events) => {
        const state = after(...events);
        if (state.state.kind === 'saved') expect(isSettled(state)).toBe(true);
        if (state.theirs !== null) expect(state.state.kind).toBe('conflict');
        expect(state.savedChanges).toBeLessThanOrEqual(state.changes);
      }),
    );
  });
});
