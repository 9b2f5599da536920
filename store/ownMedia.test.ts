import { beforeEach, describe, expect, it } from 'vitest';
import { madeOnlyOf } from '@/core/layers/madeOnlyOf';
import { plainLayer } from '@/core/layers/plainLayer';
import { mediumById } from '@/core/media/catalogue';
import { ownMediumLike } from '@/core/media/ownMedium';
import { demoContent } from '@/demo/demoContent';
import { addFilterContent, insertFilterContent, readFilterContent } from './filterFiles';
import { openDatabase, type Db } from './openDatabase';
import { ownMedia } from './ownMedia';
import { packs } from './packs';

const own = { ...ownMediumLike('garden-pumice', mediumById('pumice')), name: 'Garden pumice' };
let db: Db;
let filterId = '';

/** The first pack of the filter that may still be changed, and another of the same filter. */
const twoPacks = () => {
  const all = packs.ofFilter(db, filterId).filter(({ doc }) => doc.role !== 'as packed');
  const [first, second] = all;
  if (first === undefined || second === undefined) throw new Error('The demo has two packs.');
  return [first, second] as const;
};
const withOwn = (id: string, figures: typeof own) => {
  const { doc, version } = packs.get(db, id);
  const layer = {
    ...plainLayer('own-layer', 'pumice', doc.layers[0]?.chamber ?? '', 0.03),
    ...madeOnlyOf(figures),
  };
  const rest = doc.layers.filter((item) => item.id !== layer.id);
  return packs.update(db, version, { ...doc, layers: [...rest, layer] });
};

beforeEach(() => {
  db = openDatabase(':memory:');
  const content = demoContent(new Date('2026-11-25T12:00:00Z')).find(({ jobs }) =>
    jobs.some(({ stage }) => stage !== 'done'),
  );
  if (content === undefined) throw new Error('The demo has an open job.');
  insertFilterContent(db, content);
  filterId = content.filter.id;
});

describe('media of one’s own', () => {
  it('are found in whichever pack they are, each once', () => {
    expect(ownMedia(db)).toEqual([]);
    const [first, second] = twoPacks();
    withOwn(first.doc.id, own);
    withOwn(second.doc.id, own);
    expect(ownMedia(db)).toEqual([own]);
  });

  it('have one set of figures: the last saved holds in every pack', () => {
    const [first, second] = twoPacks();
    withOwn(first.doc.id, own);
    withOwn(second.doc.id, { ...own, dryBulk: 555 });
    expect(packs.get(db, first.doc.id).doc.layers.at(-1)?.own?.dryBulk).toBe(555);
    expect(packs.get(db, first.doc.id).version).toBe(first.version + 2);
  });

  it('of a file with other figures become media of their own; the same figures stay one medium', () => {
    const [first] = twoPacks();
    withOwn(first.doc.id, own);
    const file = readFilterContent(db, filterId);
    addFilterContent(db, file);
    expect(ownMedia(db)).toHaveLength(1);
    withOwn(first.doc.id, { ...own, dryBulk: 555 });
    addFilterContent(db, file);
    expect(
      ownMedia(db)
        .map(({ dryBulk }) => dryBulk)
        .sort(),
    ).toEqual([555, own.dryBulk]);
  });
});
