// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { SCHEMA_VERSION } from '@/formats/documents/kinds';
import { DRAFT_PREFIX } from './draftPrefix';
import { allDrafts, draftsOf, deleteDraft, saveDraft } from './drafts';

const pack = { kind: 'pack', id: 'p' } as const;
const content = (note: string) => ({ version: 3, doc: { note }, attempt: null });

beforeEach(() => {
  localStorage.clear();
  vi.useFakeTimers({ now: new Date('2026-11-25T10:00:00Z') });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('drafts', () => {
  it('come back as they were kept, with the version of the schemas they were written in', () => {
    saveDraft(pack, 'page-1', content('a'));
    expect(allDrafts()).toEqual([
      {
        ...pack,
        pageId: 'page-1',
        at: '2026-11-25T10:00:00.000Z',
        schemaVersion: SCHEMA_VERSION,
        version: 3,
        doc: { note: 'a' },
        attempt: null,
        left: false,
        aside: null,
      },
    ]);
  });

  it('belong to a page and a document: two pages of one document keep one each', () => {
    saveDraft(pack, 'page-2', content('of the second'));
    vi.advanceTimersByTime(1000);
    saveDraft(pack, 'page-1', content('of the first'));
    saveDraft({ kind: 'tank', id: 'p' }, 'page-1', content('another kind'));
    expect(draftsOf(pack).map(({ doc }) => doc)).toEqual([
      { note: 'of the second' },
      { note: 'of the first' },
    ]);
    deleteDraft({ ...pack, pageId: 'page-1' });
    expect(draftsOf(pack).map(({ pageId }) => pageId)).toEqual(['page-2']);
    expect(allDrafts()).toHaveLength(2);
  });

  it('keep the newest of a page, and its attempt', () => {
    saveDraft(pack, 'page-1', content('a'));
    const attempt = { changeId: 'change-1', version: 3, doc: { note: 'b' } };
    saveDraft(pack, 'page-1', { ...content('b'), attempt, left: true, aside: ['It does not fit.'] });
    expect(draftsOf(pack)).toMatchObject([{ attempt, left: true, aside: ['It does not fit.'] }]);
  });

  it.each([
    ['torn text', '{"kind":"pack"'],
    ['nothing', 'null'],
    ['a list', '[]'],
    ['an unknown kind', JSON.stringify({ ...pack, kind: 'aquarium' })],
    ['no version', JSON.stringify({ ...pack, pageId: 'x', at: 'y', doc: {}, attempt: null, left: false })],
  ])('pass over %s under their name', (_, text) => {
    localStorage.setItem(`${DRAFT_PREFIX}pack p page-9`, text);
    localStorage.setItem('something else', text);
    saveDraft(pack, 'page-1', content('a'));
    expect(allDrafts()).toHaveLength(1);
    expect(localStorage.getItem('something else')).toBe(text);
  });

  it('are only a net: a browser that keeps nothing does no harm', () => {
    const refuse = (): never => {
      throw new Error('full');
    };
    vi.stubGlobal('localStorage', { setItem: refuse, getItem: refuse, removeItem: refuse });
    expect(() => saveDraft(pack, 'page-1', content('a'))).not.toThrow();
    expect(() => deleteDraft({ ...pack, pageId: 'page-1' })).not.toThrow();
    expect(allDrafts()).toEqual([]);
  });
});
