import { describe, expect, it } from 'vitest';
import type { FilterKind } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import { usableDepth } from '../filter/usableDepth';
import { plainLayer } from '../layers/plainLayer';
import { isOpen, freeDepthByChamber } from './freeDepthByChamber';

const filterOf = (kind: FilterKind) => presetFilter(kind, { id: 'f', tankId: 't' }, 'Test');
const canister = filterOf('canister-down-flow');
const names = (slots: readonly { readonly chamber: { readonly id: string } }[]): string[] =>
  slots.map(({ chamber }) => chamber.id);

describe('freeDepthByChamber', () => {
  it('is all of every chamber of an empty body, in flow order', () => {
    const room = freeDepthByChamber(canister, [], new Set(), 'every corner');
    expect(names(room.main)).toEqual(canister.chambers.map(({ id }) => id));
    expect(room).toMatchObject({ lead: [], fixed: [] });
    for (const { chamber, from, depth } of room.main)
      expect([from, depth]).toEqual([0, expect.closeTo(usableDepth(chamber), 9)]);
  });

  it('leaves a part of the last chamber free for keepers who do', () => {
    const [full, kept] = (['every corner', 'leave room'] as const).map(
      (school) => freeDepthByChamber(canister, [], new Set(), school).main,
    );
    expect(kept!.at(-1)!.depth).toBeCloseTo(0.9 * full!.at(-1)!.depth, 9);
    expect(kept!.slice(0, -1)).toEqual(full!.slice(0, -1));
  });

  it('lies between what stays: what catches dirt before it, what houses bacteria behind it', () => {
    const [first] = canister.chambers;
    const layers = [
      plainLayer('foam', 'foam-15', first!.id, 0.02),
      plainLayer('goes', 'foam-30', first!.id, 0.02),
      plainLayer('stone', 'lava', first!.id, 0.015),
    ];
    const [slot] = freeDepthByChamber(canister, layers, new Set(['foam', 'stone']), 'every corner').main;
    expect(slot?.before.map(({ id }) => id)).toEqual(['foam']);
    expect(slot?.after.map(({ id }) => id)).toEqual(['stone']);
    expect(slot?.from).toBeCloseTo(0.02, 9);
    expect(slot?.depth).toBeCloseTo(usableDepth(first!) - 0.035, 9);
  });

  it('is none where what stays fills a chamber to less than is worth a hand', () => {
    const [first] = canister.chambers;
    const filling = (thickness: number) =>
      freeDepthByChamber(
        canister,
        [plainLayer('foam', 'foam-30', first!.id, thickness)],
        new Set(['foam']),
        'every corner',
      ).main.map(isOpen);
    expect(filling(usableDepth(first!) - 0.004)[0]).toBe(false);
    expect(filling(usableDepth(first!) - 0.006)[0]).toBe(true);
  });

  it.each([
    ['canister-outside-in', 'foam around the trays'],
    ['canister-side-riser', 'the riser beside them'],
    ['canister-prefilter', 'the prefilter above them'],
    ['canister-centre-pipe', 'the space under them'],
  ] as const)('goes first where a body has a chamber apart from its trays: %s, %s', (kind, _what) => {
    const filter = filterOf(kind);
    const { lead, main } = freeDepthByChamber(filter, [], new Set(), 'every corner');
    expect(lead).toHaveLength(1);
    expect(main.length).toBeGreaterThan(0);
    expect([...names(lead), ...names(main)].sort()).toEqual(
      filter.chambers
        .filter(({ where }) => where === 'body')
        .map(({ id }) => id)
        .sort(),
    );
  });

  it('leaves the sponge on the intake to itself', () => {
    const filter = filterOf('hang-on-back-basket');
    const sleeve = { ...filter.chambers[0]!, id: 'sponge', where: 'intake' as const };
    const layer = plainLayer('sponge', 'foam-30', 'sponge', 0.02);
    const room = freeDepthByChamber(
      { ...filter, chambers: [sleeve, ...filter.chambers] },
      [layer],
      new Set(['sponge']),
      'every corner',
    );
    expect(room.fixed).toEqual([layer]);
    expect(names([...room.lead, ...room.main])).not.toContain('sponge');
  });
});
