// @vitest-environment happy-dom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { wordsFor } from '../fields/wordsFor';
import { noticesState, setNotifications } from '../state/notices';
import { useDueNotices } from './useDueNotices';
import { notifyDue } from './notifyDue';

const WORDS = wordsFor({ system: 'metric', locale: 'en-GB', currency: 'EUR' });
const TODAY = new Date('2026-11-27T09:00:00.000Z');
const item = (key: string, what: string) => ({ key, what: [what] });
const due = (id: string, name: string, ...items: object[]) => ({ id, name, items });

const shown: [string, NotificationOptions | undefined][] = [];
class FakeNotification {
  static permission: NotificationPermission = 'default';
  static requestPermission = () => {
    FakeNotification.permission = 'granted';
    return Promise.resolve(FakeNotification.permission);
  };
  onclick: (() => void) | null = null;
  constructor(title: string, options?: NotificationOptions) {
    shown.push([title, options]);
  }
}
const answer = (...filters: object[]) =>
  vi.stubGlobal('fetch', () => Promise.resolve(Response.json({ filters })));

beforeEach(() => {
  shown.length = 0;
  localStorage.clear();
  FakeNotification.permission = 'default';
  vi.stubGlobal('Notification', FakeNotification);
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe('notifications', () => {
  it('are off until the keeper wants them and the browser lets them', async () => {
    expect(noticesState()).toBe('off');
    expect(await setNotifications(true)).toBe('on');
    expect(await setNotifications(false)).toBe('off');
    FakeNotification.permission = 'denied';
    expect(noticesState()).toBe('blocked');
    vi.stubGlobal('Notification', undefined);
    expect(noticesState()).toBe('missing');
  });

  it('say what is due, each thing once a day, and again the next day', async () => {
    answer(due('a', 'Long run', item('visit a', 'Replace the floss.')));
    await notifyDue(WORDS, TODAY);
    await notifyDue(WORDS, TODAY);
    expect(shown).toEqual([
      [
        'Long run is due',
        expect.objectContaining({
          body: 'Long run: Replace the floss.',
          data: { address: '/filter/a/care' },
        }),
      ],
    ]);
    answer(
      due('a', 'Long run', item('visit a', 'Replace the floss.')),
      due('b', 'Sill', item('water t', 'Change the water.'), item('sponge b', 'Squeeze the sponge.')),
    );
    await notifyDue(WORDS, TODAY);
    expect(shown.at(-1)![0]).toBe('Sill is due');
    await notifyDue(WORDS, new Date('2026-11-28T09:00:00.000Z'));
    expect(shown.at(-1)![0]).toBe('2 filters are due');
    expect(shown.at(-1)![1]!.body).toContain('Sill: Change the water. Squeeze the sponge.');
    expect(shown).toHaveLength(3);
  });

  it('say nothing where nothing is due or the app is not responding', async () => {
    answer();
    await notifyDue(WORDS, TODAY);
    vi.stubGlobal('fetch', () => Promise.reject(new Error('away')));
    await notifyDue(WORDS, TODAY);
    expect(shown).toEqual([]);
  });

  it('are looked for by an open page only where they are on', async () => {
    answer(due('a', 'Long run', item('visit a', 'Replace the floss.')));
    renderHook(() => useDueNotices());
    await act(() => import('./watchDue'));
    expect(shown).toEqual([]);
    cleanup();
    await setNotifications(true);
    renderHook(() => useDueNotices());
    await vi.waitFor(() => expect(shown).toHaveLength(1));
  });
});
