import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { presetFilter } from '@/core/filter/presetFilter';
import { newTank } from '@/core/tank/newTank';
import type { Tank } from '@/core/tank/tank';
import type { Stored } from '@/store/documentTable';
import { allDrafts, saveDraft } from './drafts';
import { SavedDocument } from './savedDocument';
// Loaded beforehand, so that reading a draft takes no time of the real clock.
import '@/formats/documents/readDocument';

const REF = { kind: 'tank', id: 't' } as const;
const tank = (note: string): Tank => ({ ...newTank('t', 'Tank', 0.1), note });
const stored = (note: string, version: number): Stored<Tank> => ({
  doc: tank(note),
  version,
  updatedAt: '2026-11-25T10:00:00Z',
});

/** A server of one document that answers as the real one does: the same change id again is done already. */
class Server {
  version = 1;
  doc = tank('a');
  down = false;
  /** Takes the save and loses the answer. */
  losesAnswers = false;
  readonly saved: string[] = [];
  private readonly done = new Map<string, Stored<Tank>>();

  readonly answer = (_: string, { body, headers }: { body: string; headers: Record<string, string> }) => {
    if (this.down) return Promise.reject(new Error('no answer'));
    const response = this.take(body, headers['x-change-id'] ?? '');
    return this.losesAnswers ? Promise.reject(new Error('lost')) : Promise.resolve(response);
  };

  take(body: string, changeId: string): Response {
    const { version, doc } = JSON.parse(body) as { version: number; doc: Tank };
    const known = this.done.get(changeId);
    if (known !== undefined) return Response.json(known);
    if (doc.note === 'forbidden') return Response.json({ faults: ['It is forbidden.'] }, { status: 422 });
    if (version !== this.version) return Response.json({ current: this.stored() }, { status: 409 });
    this.version += 1;
    this.doc = doc;
    this.saved.push(doc.note);
    const answer = this.stored();
    this.done.set(changeId, answer);
    return Response.json(answer);
  }

  stored(): Stored<Tank> {
    return { doc: this.doc, version: this.version, updatedAt: '2026-11-25T10:00:00Z' };
  }
}

let server: Server;
let pages = 0;
/** A page that opens the document as the server has it. */
const openPage = (): SavedDocument<'tank'> => {
  pages += 1;
  return new SavedDocument<'tank'>(REF, server.stored(), `page-${pages}`);
};
const type = (document: SavedDocument<'tank'>, note: string) => document.change((doc) => ({ ...doc, note }));
const noteOf = (document: SavedDocument<'tank'>): string => document.get().doc.note;

beforeEach(() => {
  vi.useFakeTimers();
  const kept = new Map<string, string>();
  vi.stubGlobal(
    'localStorage',
    // Object.keys() of the real one gives the keys.
    new Proxy(
      {
        setItem: (key: string, text: string) => void kept.set(key, text),
        getItem: (key: string) => kept.get(key) ?? null,
        removeItem: (key: string) => void kept.delete(key),
      },
      {
        ownKeys: () => [...kept.keys()],
        getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
      },
    ),
  );
  const ofTab = new Map<string, string>();
  vi.stubGlobal('sessionStorage', {
    setItem: (key: string, text: string) => void ofTab.set(key, text),
    getItem: (key: string) => ofTab.get(key) ?? null,
    removeItem: (key: string) => void ofTab.delete(key),
    clear: () => void ofTab.clear(),
  });
  server = new Server();
  vi.stubGlobal('fetch', server.answer);
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('a document that saves itself', () => {
  it('shows a change at once and saves after a pause, the last text only', async () => {
    const document = openPage();
    type(document, 'ab');
    type(document, 'abc');
    expect(document.get()).toMatchObject({ doc: { note: 'abc' }, state: { kind: 'saving' } });
    await vi.advanceTimersByTimeAsync(400);
    expect(server.saved).toEqual(['abc']);
    expect(document.get().state.kind).toBe('saved');
    expect(document.versionNow()).toBe(2);
    expect(allDrafts()).toEqual([]);
  });

  it('knows its tab’s last save when the next page was drawn before it arrived, for a minute', async () => {
    const drawnBefore = server.stored();
    const next = () => new SavedDocument<'tank'>(REF, drawnBefore, 'next');
    const document = openPage();
    type(document, 'mine');
    await document.flush();
    document.leave();
    const page = next();
    void page.takeUpDrafts();
    expect(noteOf(page)).toBe('mine');
    type(page, 'mine, and more');
    await page.flush();
    expect(page.get().state.kind).toBe('saved');
    expect(server.doc.note).toBe('mine, and more');
    // After a while what the server says counts, whatever it is: it may have gone back to a copy.
    await vi.advanceTimersByTimeAsync(60_000);
    const late = next();
    void late.takeUpDrafts();
    expect(noteOf(late)).toBe('a');
  });

  it('keeps what was typed when a page comes that was drawn before the save, and takes what is newer', async () => {
    const document = openPage();
    type(document, 'mine');
    document.offer(stored('old', 1));
    expect(noteOf(document)).toBe('mine');
    await document.flush();
    document.offer(stored('old', 1));
    expect(noteOf(document)).toBe('mine');
    document.offer(stored('newer', 3));
    expect(noteOf(document)).toBe('newer');
  });

  it('asks where somebody else saved first, and saves either as chosen', async () => {
    const document = openPage();
    server.take(JSON.stringify({ version: 1, doc: tank('theirs') }), 'other-1');
    type(document, 'mine');
    expect(await document.flush()).toBe(false);
    expect(document.get().state.kind).toBe('conflict');
    type(document, 'mine too');
    await vi.advanceTimersByTimeAsync(5000);
    expect(server.saved).toEqual(['theirs']);
    document.keepMine();
    await document.flush();
    expect(server.saved).toEqual(['theirs', 'mine too']);

    server.take(JSON.stringify({ version: 3, doc: tank('theirs again') }), 'other-2');
    type(document, 'again');
    await document.flush();
    document.takeTheirs();
    expect(document.get()).toMatchObject({ doc: { note: 'theirs again' }, state: { kind: 'saved' } });
    expect(document.hasUnsaved()).toBe(false);
    expect(allDrafts()).toEqual([]);
  });

  it('tries again until the app answers', async () => {
    const document = openPage();
    server.down = true;
    type(document, 'b');
    await vi.advanceTimersByTimeAsync(400);
    expect(document.get().state.kind).toBe('unreachable');
    server.down = false;
    await vi.advanceTimersByTimeAsync(3000);
    expect(server.saved).toEqual(['b']);
  });

  it('says that the app failed, with its id, and tries again less and less often, a minute apart at most', async () => {
    const document = openPage();
    let tries = 0;
    vi.stubGlobal('fetch', () => {
      tries += 1;
      return Promise.resolve(
        Response.json({ message: 'The app failed.', errorId: '3f2a91c0' }, { status: 500 }),
      );
    });
    type(document, 'b');
    await vi.advanceTimersByTimeAsync(400);
    expect(document.get().state).toEqual({
      kind: 'failed',
      message: 'The app failed.',
      errorId: '3f2a91c0',
      fault: null,
    });
    expect(tries).toBe(1);
    await vi.advanceTimersByTimeAsync(80_000);
    // By hand: after 2.5, 5, 10, 20 and 40 s.
    expect(tries).toBe(6);
    await vi.advanceTimersByTimeAsync(180_000);
    expect(tries).toBe(9);
    vi.stubGlobal('fetch', server.answer);
    await vi.advanceTimersByTimeAsync(60_000);
    expect(server.saved).toEqual(['b']);
    expect(document.get().state.kind).toBe('saved');
  });

  it('knows a save whose answer was lost as its own, also when more was typed since', async () => {
    const document = openPage();
    server.losesAnswers = true;
    type(document, 'b');
    await vi.advanceTimersByTimeAsync(400);
    expect(document.get().state.kind).toBe('unreachable');
    type(document, 'bc');
    server.losesAnswers = false;
    await vi.advanceTimersByTimeAsync(5000);
    expect(server.saved).toEqual(['b', 'bc']);
    expect(document.get().state.kind).toBe('saved');
  });

  it('says what was refused, goes on from a change that mends it, or sets it aside and goes back', async () => {
    const document = openPage();
    type(document, 'forbidden');
    await document.flush();
    expect(document.get().state).toEqual({ kind: 'refused', faults: ['It is forbidden.'] });
    type(document, 'fine');
    await document.flush();
    expect(server.saved).toEqual(['fine']);

    type(document, 'forbidden');
    await document.flush();
    document.setAside(['It is forbidden.']);
    expect(document.get()).toMatchObject({ doc: { note: 'fine' }, state: { kind: 'saved' } });
    const [aside] = document.get().asides;
    expect(aside).toMatchObject({ doc: { note: 'forbidden' }, aside: ['It is forbidden.'] });
    if (aside !== undefined) await document.tryAside(aside);
    expect(noteOf(document)).toBe('forbidden');
    expect(document.get().asides).toEqual([]);
  });

  it('shows another sheet what is stored where a change was refused or does not fit there', async () => {
    const document = openPage();
    type(document, 'forbidden');
    await document.flush();
    document.openAnew(server.stored());
    expect(noteOf(document)).toBe('a');
    expect(document.get().asides).toHaveLength(1);

    server.down = true;
    type(document, 'too long for that sheet');
    document.openAnew(server.stored(), ({ note }) => (note.length > 9 ? ['Too long.'] : []));
    expect(noteOf(document)).toBe('a');
    expect(document.get().asides.map(({ aside }) => aside)).toContainEqual(['Too long.']);
  });
});

describe('drafts', () => {
  it('of a page that was left are taken up and saved by the next', async () => {
    server.down = true;
    const left = openPage();
    type(left, 'b');
    left.leave();
    await vi.advanceTimersByTimeAsync(400);
    server.down = false;
    const next = openPage();
    await next.takeUpDrafts();
    expect([noteOf(next), server.saved]).toEqual(['b', ['b']]);
    expect(allDrafts()).toEqual([]);
  });

  it('are taken up once, by a page that is drawn twice', async () => {
    server.down = true;
    const left = openPage();
    type(left, 'b');
    left.leave();
    await vi.advanceTimersByTimeAsync(400);
    server.down = false;
    const next = openPage();
    await Promise.all([next.takeUpDrafts(), next.takeUpDrafts()]);
    expect([noteOf(next), server.saved]).toEqual(['b', ['b']]);
    expect(next.get().state.kind).toBe('saved');
  });

  it('of two pages that were both left lose nothing: the second is asked about', async () => {
    const [first, second] = [openPage(), openPage()];
    server.down = true;
    type(first, 'first');
    first.leave();
    vi.advanceTimersByTime(1000);
    type(second, 'second');
    second.leave();
    await vi.advanceTimersByTimeAsync(400);
    expect(allDrafts().map(({ doc }) => (doc as Tank).note)).toEqual(['first', 'second']);
    server.down = false;
    const next = openPage();
    await next.takeUpDrafts();
    expect(server.saved).toEqual(['first']);
    expect(next.get()).toMatchObject({ doc: { note: 'second' }, state: { kind: 'conflict' } });
    next.keepMine();
    await next.flush();
    expect(server.saved).toEqual(['first', 'second']);
  });

  it('of one page are not touched by another that saves', async () => {
    const [first, second] = [openPage(), openPage()];
    server.down = true;
    type(first, 'first');
    await vi.advanceTimersByTimeAsync(400);
    server.down = false;
    type(second, 'second');
    await second.flush();
    expect(allDrafts().map(({ doc }) => (doc as Tank).note)).toEqual(['first']);
  });

  it('that no longer fit are set aside and shown, and never taken up', async () => {
    const broken = { ...tank('b'), water: { how: 'known', volume: -1 } };
    const filter = presetFilter('internal-sponge', { id: 't', tankId: 't' }, 'Filter');
    for (const doc of [broken, filter, null, 'text'])
      saveDraft(REF, `gone-${JSON.stringify(doc).length}`, { version: 1, doc, attempt: null, left: true });
    const page = openPage();
    await page.takeUpDrafts();
    expect(noteOf(page)).toBe('a');
    expect(page.get().asides).toHaveLength(4);
    expect(server.saved).toEqual([]);
    page.get().asides.forEach(page.dropAside);
    expect(page.get().asides).toEqual([]);
  });

  it('leaving while a save is under way sends no second one', async () => {
    const sent: string[] = [];
    vi.stubGlobal('fetch', (_: string, { body }: { body: string }) => {
      sent.push(body);
      return new Promise<never>(() => undefined);
    });
    const page = openPage();
    type(page, 'b');
    await vi.advanceTimersByTimeAsync(400);
    type(page, 'bc');
    page.leave();
    expect(sent).toHaveLength(1);
    expect(allDrafts()).toMatchObject([{ left: true, doc: { note: 'bc' }, attempt: { doc: { note: 'b' } } }]);
  });

  it('a hundred reloads in mid-typing on answers that are slow or lost: nothing lost, nothing asked', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(
          fc.record({
            keys: fc.integer({ min: 1, max: 4 }),
            wait: fc.integer({ min: 0, max: 900 }),
            // When the app takes a save, and when its answer comes, ms.
            taken: fc.integer({ min: 0, max: 1500 }),
            answered: fc.integer({ min: 0, max: 3000 }),
          }),
          { minLength: 100, maxLength: 100 },
        ),
        async (reloads) => {
          sessionStorage.clear();
          server = new Server();
          allDrafts().forEach((draft) =>
            localStorage.removeItem(`neat-layer draft ${draft.kind} ${draft.id} ${draft.pageId}`),
          );
          let text = '';
          let slow = { taken: 0, answered: 0 };
          const after = (ms: number) => new Promise<void>((wake) => setTimeout(wake, ms));
          vi.stubGlobal(
            'fetch',
            async (_: string, { body, headers }: { body: string; headers: Record<string, string> }) => {
              const [{ taken, answered }, asking] = [slow, pages];
              await after(taken);
              const response = server.take(body, headers['x-change-id'] ?? '');
              await after(answered);
              // Nobody is there any more to be answered once the page is gone.
              return asking === pages ? response : new Promise<never>(() => undefined);
            },
          );
          for (const { keys, wait, ...speed } of reloads) {
            slow = speed;
            const page = openPage();
            void page.takeUpDrafts();
            for (let key = 0; key < keys; key += 1) {
              text += 'x';
              type(page, text);
            }
            await vi.advanceTimersByTimeAsync(wait);
            expect(page.get().state.kind).not.toBe('conflict');
            page.leave();
          }
          slow = { taken: 0, answered: 0 };
          const last = openPage();
          void last.takeUpDrafts();
          await vi.advanceTimersByTimeAsync(20_000);
          expect(last.get()).toMatchObject({ doc: { note: text }, state: { kind: 'saved' } });
          expect(server.doc.note).toBe(text);
          expect(allDrafts()).toEqual([]);
        },
      ),
      { numRuns: 12 },
    );
  });
});
