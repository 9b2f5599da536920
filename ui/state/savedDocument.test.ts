import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { SavedDocument } from './savedDocument';

interface Doc {
  readonly id: string;
  readonly text: string;
}

const stored = (text: string, version: number) => ({
  doc: { id: 'd', text },
  version,
  updatedAt: '2026-11-25T10:00:00Z',
});

/** A server of one document that answers as the real one does. */
function serve(state = { version: 1, down: false }) {
  const seen: string[] = [];
  vi.stubGlobal('fetch', (_: string, { body }: { body: string }) => {
    if (state.down) return Promise.reject(new Error('no answer'));
    const { version, doc } = JSON.parse(body) as { version: number; doc: Doc };
    if (version !== state.version)
      return Promise.resolve(Response.json({ current: stored('theirs', state.version) }, { status: 409 }));
    state.version += 1;
    seen.push(doc.text);
    return Promise.resolve(Response.json(stored(doc.text, state.version)));
  });
  return { state, seen };
}

const type = (document: SavedDocument<Doc>, text: string) => document.change((doc) => ({ ...doc, text }));

describe('SavedDocument', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it('shows a change at once and saves after a pause, the last text only', async () => {
    const { seen } = serve();
    const document = new SavedDocument<Doc>('/d', stored('a', 1));
    type(document, 'ab');
    type(document, 'abc');
    expect(document.get()).toMatchObject({ doc: { text: 'abc' }, state: { kind: 'saving' } });
    await vi.advanceTimersByTimeAsync(400);
    expect(seen).toEqual(['abc']);
    expect(document.get().state.kind).toBe('saved');
    expect(document.versionNow()).toBe(2);
  });

  it('keeps what was typed when a page comes that was drawn before the save, and takes what is newer', async () => {
    serve();
    const document = new SavedDocument<Doc>('/d', stored('a', 1));
    type(document, 'mine');
    document.offer(stored('old', 1));
    expect(document.get().doc.text).toBe('mine');
    await document.flush();
    document.offer(stored('old', 1));
    expect(document.get().doc.text).toBe('mine');
    document.offer(stored('newer', 3));
    expect(document.get().doc.text).toBe('newer');
  });

  it('asks where somebody else saved first, and saves either as chosen', async () => {
    const { state, seen } = serve({ version: 5, down: false });
    const document = new SavedDocument<Doc>('/d', stored('a', 4));
    type(document, 'mine');
    expect(await document.flush()).toBe(false);
    expect(document.get().state.kind).toBe('conflict');
    type(document, 'mine too');
    await vi.advanceTimersByTimeAsync(5000);
    expect(seen).toEqual([]);
    document.keepMine();
    await document.flush();
    expect([seen, state.version]).toEqual([['mine too'], 6]);

    type(document, 'again');
    state.version = 9;
    await document.flush();
    document.takeTheirs();
    expect(document.get()).toMatchObject({ doc: { text: 'theirs' }, state: { kind: 'saved' } });
    expect(document.hasUnsaved()).toBe(false);
  });

  it('tries again until the app answers', async () => {
    const { state, seen } = serve({ version: 1, down: true });
    const document = new SavedDocument<Doc>('/d', stored('a', 1));
    type(document, 'b');
    await vi.advanceTimersByTimeAsync(400);
    expect(document.get().state.kind).toBe('unreachable');
    state.down = false;
    await vi.advanceTimersByTimeAsync(3000);
    expect(seen).toEqual(['b']);
  });
});
