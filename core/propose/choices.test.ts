import { describe, expect, it } from 'vitest';
import { presetFilter } from '../filter/presetFilter';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { CATALOGUE } from '../media/catalogue';
import { aloneOn } from '../report/surroundings';
import type { ShelfItem } from '../shelf/shelf';
import { newTank } from '../tank/newTank';
import { choiceKey, choiceOf, choicesOf, isUsable } from './choices';
import { defaultQuery } from './defaultQuery';
import type { ProposeInput } from './proposeInput';

const filter = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Canister');
type Sheet = Extract<ShelfItem, { kind: 'sheet' }>;
const sheet = (change: Partial<Sheet> = {}): Sheet => ({
  kind: 'sheet',
  id: `${change.medium ?? 'foam-30'} ${change.thickness ?? 0.03}`,
  label: '',
  medium: 'foam-30',
  length: 0.5,
  width: 0.5,
  thickness: 0.03,
  count: 1,
  offcut: false,
  price: 8,
  ...change,
});
const pumice: ShelfItem = {
  kind: 'loose',
  id: 'pumice',
  label: '',
  medium: 'pumice',
  volume: 2e-3,
  packVolume: 5e-3,
  price: 12,
};
const askFor = (items: readonly ShelfItem[], change: Partial<ProposeInput> = {}): ProposeInput => ({
  ...defaultQuery({
    around: aloneOn(newTank('t', 'Test', 0.1)),
    filter,
    mine: [],
    today: [],
    shelf: { id: 'shelf', items: [...items] },
  }),
  ...change,
});
const keys = (ask: ProposeInput): string[] => choicesOf(ask).map(({ key }) => key);

describe('choicesOf', () => {
  it('takes from the shelf what is there; what is only listed where it may be bought', () => {
    const listed = sheet({ medium: 'foam-15', count: 0 });
    expect(keys(askFor([sheet(), listed, pumice]))).toEqual(['foam-30', 'pumice']);
    expect(keys(askFor([sheet(), listed, pumice], { from: 'listed' }))).toEqual([
      'foam-15',
      'foam-30',
      'pumice',
    ]);
  });

  it('buys nothing that costs more than may be spent, has no price to hold to it, or is an offcut', () => {
    const of = (item: ShelfItem, budget: number | null = 10): string[] =>
      keys(askFor([item], { from: 'listed', budget }));
    expect(of(sheet({ count: 0, price: 9 }))).toEqual(['foam-30']);
    expect(of(sheet({ count: 0, price: 11 }))).toEqual([]);
    expect(of(sheet({ count: 0, price: null }))).toEqual([]);
    expect(of(sheet({ count: 0, price: null }), null)).toEqual(['foam-30']);
    expect(of(sheet({ count: 0, offcut: true }), null)).toEqual([]);
    // What is there may be used whatever it would cost.
    expect(of(sheet({ count: 1, price: 90 }))).toEqual(['foam-30']);
  });

  it('knows how much there is: the litres on hand and in the filter, any amount where more can be had', () => {
    const today = [plainLayer('stone', 'pumice', 'tray-1', 0.05)];
    const [onHand] = choicesOf(askFor([pumice]));
    expect(onHand?.volume).toBeCloseTo(2e-3, 9);
    const [both] = choicesOf(askFor([pumice], { today }));
    expect(both!.volume).toBeGreaterThan(onHand!.volume);
    expect(choicesOf(askFor([pumice], { from: 'listed' }))[0]?.volume).toBe(Infinity);
    expect(choicesOf(askFor([{ ...pumice, packVolume: null }], { from: 'listed' }))[0]?.volume).toBeCloseTo(
      2e-3,
      9,
    );
  });

  it('lists the thicknesses of sheets once each, thinnest first, those of pieces in the filter among them', () => {
    const today: Layer[] = [
      { ...plainLayer('piece', 'foam-30', 'tray-1', 0.036), compressionRatio: 0.9 },
      { ...plainLayer('cut short', 'foam-30', 'tray-2', 0.07), cut: { length: 0.1, width: 0.1 } },
    ];
    const [choice] = choicesOf(
      askFor([sheet(), sheet({ thickness: 0.02 }), sheet({ thickness: 0.0302 })], { today }),
    );
    expect(choice?.plies).toEqual([0.02, 0.03, 0.04].map((ply) => expect.closeTo(ply, 6) as number));
  });

  it('offers of any generic medium what a pack is built from, and nothing that works by chemistry', () => {
    const offered = choicesOf(askFor([], { from: 'any' }));
    expect(offered.length).toBeGreaterThan(10);
    for (const { medium, plies, volume } of offered) {
      expect(['carbon', 'zeolite', 'resin']).not.toContain(medium.family);
      expect(medium.supply === 'sheet' ? plies.length : volume).toBeGreaterThan(0);
    }
    const order = offered.map(({ medium }) => CATALOGUE.findIndex(({ id }) => id === medium.id));
    expect(order).toEqual([...order].sort((a, b) => a - b));
    // A sum holds to prices, which a generic medium has none of.
    expect(choicesOf(askFor([], { from: 'any', budget: 20 }))).toEqual([]);
  });
});

describe('isUsable', () => {
  const piece = plainLayer('piece', 'foam-30', 'tray-1', 0.03);
  it('leaves out what is foul, condemned or still wrapped', () => {
    expect(isUsable(piece)).toBe(true);
    expect(isUsable({ ...piece, signs: ['foul'] })).toBe(false);
    expect(isUsable({ ...piece, treatment: 'throw away' })).toBe(false);
    expect(isUsable({ ...piece, treatment: 'replace in stages' })).toBe(false);
    expect(isUsable({ ...piece, holder: 'wrapper' })).toBe(false);
  });

  it('finds a layer among the choices by what it is made of: each mixture is one of its own', () => {
    const choices = choicesOf(askFor([sheet(), pumice]));
    expect(choiceOf(choices, piece)?.key).toBe('foam-30');
    expect(choiceOf(choices, { ...piece, medium: 'lava' })).toBeUndefined();
    const mixed: Layer = {
      ...piece,
      mix: { parts: [{ medium: 'lava', own: null, share: 1 }], porosity: null },
    };
    expect(choiceKey(mixed)).not.toBe(choiceKey({ ...mixed, id: 'another' }));
  });
});
