import { describe, expect, it } from 'vitest';
import { afterCutting, cutRecord } from '../cut/afterCutting';
import { cutPieces } from '../cut/cutPieces';
import { cutPlan, thicknessesOn } from '../cut/cutPlan';
import { presetFilter } from '../filter/presetFilter';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { mediumById } from '../media/catalogue';
import { formatSentence } from '../units/sentence';
import { comparedLabels, pricePerVolume } from '../shelf/pricePerLitre';
import { describeStock } from '../shelf/describeStock';
import { looseItem, sheetItem } from '../shelf/itemsForTests';
import {
  EMPTY_SHELF,
  ShelfSchema,
  type LooseItem,
  type SheetItem,
  type Shelf,
  type ShelfItem,
} from '../shelf/shelf';
import { addedShares } from './addedShares';
import { afterFilling, FILLED_KEY } from './afterFilling';
import { BAG_FILL, fills } from './bags';
import { blockHead } from './blockHead';
import { blockMedium } from './blockMedium';
import { cartridgesPerYear, electricityPerYear, packCosts, payBack } from './costs';
import { firstPackCheck } from './firstPackCheck';
import { fittings } from './fittings';
import { levelStrip } from './levelStrip';
import { planProgramme } from './planProgramme';
import { prepareRepack, type RepackPlan } from './prepareRepack';
import { prepareVerdict, type Readiness } from './prepareVerdict';
import { blockFigures, blockFor, blockMass, PRINT_MATERIALS } from './printedBlock';
import { dueSteps, earliestReady, newMedia, programme, stepTitle } from './programme';
import { listCost, shoppingList } from './shopping';

const tray = presetFilter('canister-down-flow', { id: 'f', tankId: 't' }, 'Test');
const hang = presetFilter('hang-on-back-basket', { id: 'h', tankId: 't' }, 'Test');
const stone = (change: Partial<Layer> = {}): Layer => ({
  ...plainLayer('s', 'porous-ceramic', 'tray-2', 0.06),
  ...change,
});
const loose = (change: Partial<LooseItem> = {}) =>
  looseItem('porous-ceramic', 0, { id: 'l', label: 'Sack', ...change });
const sheet = (change: Partial<SheetItem> = {}) => sheetItem('foam-30', 0.03, { id: 'sheet', ...change });
const shelf = (...items: ShelfItem[]): Shelf => ({ ...EMPTY_SHELF, items });
const list = (layers: Layer[], on: Shelf, found: Layer[] = [], filter = tray) =>
  shoppingList(
    {
      filter,
      layers,
      found,
      cuts: cutPlan(cutPieces(filter, layers, thicknessesOn(on)), on),
      fills: fills(filter, layers),
      parts: {},
    },
    on,
  );

describe('fills', () => {
  // Common practice, no source (handbook of the trade): porous stone 0.65–0.7 kg a litre poured, up to 0.85 placed.
  it('weighs poured and placed stone as the trade does', () => {
    const [poured] = fills(tray, [stone()]);
    const [placed] = fills(tray, [stone({ placed: true })]);
    expect((poured!.dryMass / poured!.poured) * 1e-3).toBeGreaterThan(0.65);
    expect((poured!.dryMass / poured!.poured) * 1e-3).toBeLessThan(0.7);
    expect((placed!.dryMass / poured!.poured) * 1e-3).toBeCloseTo(0.84, 1);
    expect(placed!.drainedMass).toBeGreaterThan(placed!.dryMass);
  });

  // Common practice, no source: two small bags hold about 0.7 of one large one in the same basket.
  it('puts less into small bags, and leaves every bag room to spread', () => {
    const [large] = fills(tray, [stone({ holder: 'bag' })]);
    const [small] = fills(tray, [stone({ holder: 'small bags' })]);
    expect(small!.poured / large!.poured).toBeCloseTo(0.7, 6);
    expect(small!.bags!.count).toBeGreaterThan(large!.bags!.count);
    expect(large!.bags!.fill / large!.bags!.size).toBeCloseTo(BAG_FILL, 9);
    expect(large!.bags!.count * large!.bags!.fill).toBeCloseTo(large!.poured, 12);
  });

  it('says that loose media pours out of an open basket', () => {
    const inBasket = { ...stone(), chamber: hang.chambers[0]!.id };
    expect(fills(hang, [inBasket])[0]?.poursOut).toBe(true);
    expect(fills(hang, [{ ...inBasket, holder: 'bag' }])[0]?.poursOut).toBe(false);
    expect(fills(tray, [stone()])[0]?.poursOut).toBe(false);
  });
});

describe('programme', () => {
  const job = { repackOn: '2026-12-10', prepared: [] };
  const lava = { medium: mediumById('lava'), volume: 3e-3 };
  it('is scheduled backwards from the day of the repack', () => {
    const steps = programme([lava, { medium: mediumById('foam-30'), volume: 1e-3 }], true, job);
    expect(steps[0]).toMatchObject({ on: '2026-12-02', daysBefore: 8 });
    expect(steps.at(-1)).toMatchObject({ on: '2026-12-10' });
    // Common practice, no source: stubborn rock is soaked for days with a daily change, and stands overnight at last.
    const soak = steps.filter(({ key }) => key.startsWith('lava/soak'));
    expect(soak.map(({ on }) => on)).toEqual([3, 4, 5, 6, 7, 8].map((day) => `2026-12-0${day}`));
    expect(steps.find(({ key }) => key === 'lava/stand')?.on).toBe('2026-12-09');
    expect(steps.find(({ key }) => key === 'lava/vinegar')?.what).toMatch(/vinegar/);
    expect(steps.find(({ key }) => key === 'cut')?.on).toBe('2026-12-09');
    // Dust and blades are cautioned of where they are met.
    expect(steps.find(({ key }) => key === 'lava/rinse')?.caution).toMatch(/breathe the dust/);
    expect(steps.find(({ key }) => key === 'cut')?.caution).toMatch(/blade/);
  });

  it('takes longer for more of it, and keeps what is ticked', () => {
    const minutes = (volume: number): number =>
      programme([{ ...lava, volume }], false, job).reduce((sum, step) => sum + step.minutes, 0);
    expect(minutes(5e-3)).toBeGreaterThan(minutes(1e-3));
    const ticked = programme([lava], false, {
      ...job,
      prepared: [{ key: 'lava/break', at: '2026-12-02T10:00:00Z' }],
    });
    expect(ticked.find(({ key }) => key === 'lava/break')?.doneAt).toBe('2026-12-02T10:00:00Z');
    const due = dueSteps(ticked, '2026-12-04T09:00:00Z').map(({ key }) => key);
    expect(due).toContain('lava/soak/2');
    expect(due).not.toContain('lava/break');
    expect(due).not.toContain('lava/stand');
  });

  it('says when everything can be ready, and waits for a day to be chosen', () => {
    const steps = programme([lava], false, { repackOn: null, prepared: [] });
    expect(steps.every(({ on }) => on === null)).toBe(true);
    expect(dueSteps(steps, '2026-12-04T09:00:00Z')).toEqual([]);
    expect(earliestReady(steps, '2026-12-01T09:00:00Z')).toBe('2026-12-09');
    expect(stepTitle({ medium: mediumById('lava'), what: 'Rinse it.' })).toBe('Lava rock, 15 mm: rinse it.');
  });

  it('pours what one layer no longer needs of a loose medium into another: splitting it buys nothing', () => {
    const was = plainLayer('stone', 'lava', tray.chambers[0]!.id, 0.06);
    const split = [
      { ...was, thickness: 0.02 },
      { ...was, id: 'rest', thickness: 0.04 },
    ];
    expect([...addedShares(tray, split, [was]).values()]).toEqual([0, 0]);
    // A third of the second is new where the first keeps more than it gives.
    const more = [
      { ...was, thickness: 0.03 },
      { ...was, id: 'rest', thickness: 0.045 },
    ];
    expect(addedShares(tray, more, [was]).get('rest')).toBeCloseTo(1 / 3, 6);
    // What is thrown away is poured nowhere.
    const foul = { ...was, treatment: 'throw away' as const };
    expect(addedShares(tray, [{ ...was, id: 'new' }], [foul]).get('new')).toBe(1);
  });

  it('prepares only what is new: all of a new piece, of stone what is added', () => {
    const old = stone();
    const pad = plainLayer('n', 'foam-30', 'tray-4', 0.03);
    const share = (planned: Layer[], found: Layer[], id: string) => addedShares(tray, planned, found).get(id);
    expect(share([old, pad], [old], 's')).toBe(0);
    expect(share([old, pad], [old], 'n')).toBe(1);
    expect(share([old], [{ ...old, medium: 'lava' }], 's')).toBe(1);
    // By hand: from 4 to 6 cm a third is new; of foam a thicker piece is a new piece.
    expect(share([old], [{ ...old, thickness: 0.04 }], 's')).toBeCloseTo(1 / 3, 9);
    expect(share([pad], [{ ...pad, thickness: 0.02 }], 'n')).toBe(1);
    expect(share([{ ...pad, thickness: 0.02 }], [pad], 'n')).toBe(0);
    const added = addedShares(tray, [old], [{ ...old, thickness: 0.04 }]);
    expect(newMedia([old], added, () => 3e-3)).toMatchObject([{ volume: expect.closeTo(1e-3, 9) as number }]);
  });
});

describe('prepareRepack', () => {
  const pad = plainLayer('p', 'foam-30', 'tray-4', 0.03);
  const planned = [pad, stone({ holder: 'bag' })];
  const begun = { repackOn: null, prepared: [], cut: null, parts: {} };
  const on = shelf(sheet({ count: 1 }), loose({ volume: 10e-3 }), {
    kind: 'bag',
    id: 'bag',
    label: '',
    volume: 5e-3,
    count: 2,
    price: 2,
  });
  const ready = (job: RepackPlan['job'], from: Shelf) =>
    prepareRepack({ filter: tray, planned, found: [], job }, from, []);

  it('is done when its pieces are cut and its bags filled, and the shelf has what is left', () => {
    const first = ready(begun, on);
    expect(first.changes.missing).toHaveLength(1);
    expect(first.needs.map(({ kind, buy }) => [kind, buy])).toEqual([
      ['sheet', null],
      ['loose', null],
      ['bag', null],
    ]);
    const at = '2026-11-27T10:00:00Z';
    const cut = cutRecord(first.pieces.anew, at);
    const after = afterFilling(
      afterCutting(on, first.groups, () => 'left'),
      first.needs,
    );
    const done = ready({ ...begun, cut, prepared: [{ key: FILLED_KEY, at }] }, after);
    expect([done.changes.missing, done.groups, done.needs, done.bill.known]).toEqual([[], [], [], 0]);
    expect(after.items.find(({ id }) => id === 'bag')).toMatchObject({ count: 1 });
  });

  it('cuts pieces of other filters along', () => {
    const along = cutPieces(hang, [plainLayer('x', 'foam-30', hang.chambers[0]!.id, 0.03)], () => [0.03]);
    const both = prepareRepack({ filter: tray, planned, found: [], job: begun }, on, along);
    expect(both.groups[0]?.sheets.flatMap(({ placed }) => placed)).toHaveLength(2);
    expect(both.groups[0]?.bought).toBe(0);
  });
});

describe('how ready a repack is', () => {
  const pad = plainLayer('p', 'foam-30', 'tray-4', 0.03);
  const said = (change: Partial<Readiness> = {}): string => {
    const { level, state, next } = prepareVerdict({
      isEmpty: false,
      isCut: false,
      changes: { missing: [], notNeeded: 0 },
      tooLarge: 0,
      needs: [],
      steps: [],
      repackOn: '2026-12-10',
      earliest: { date: '2026-12-02', said: '2 December' },
      now: '2026-12-01T08:00:00Z',
      ...change,
    });
    return `${level}: ${formatSentence(state)} ${formatSentence(next)}`;
  };
  const missing = cutPieces(tray, [pad], () => []);
  it('says what is left to buy, cut and do, and when', () => {
    const steps = planProgramme(tray, [pad], [], { repackOn: '2026-12-10', prepared: [] });
    expect(steps.map(({ key }) => key)).toEqual(['cut', 'foam-30/rinse']);
    const needs = list([pad], EMPTY_SHELF);
    expect(said({ steps, needs, changes: { missing, notNeeded: 0 } })).toBe(
      'check: Before the filter is opened: 1 item to buy, 1 piece to cut and 1 preparation to do. Nothing is due today.',
    );
    expect(said({ steps, repackOn: null })).toMatch(/can be ready on 2 December: choose the day/);
    expect(said({ steps, repackOn: '2026-12-01' })).toMatch(/too soon/);
    expect(said({ steps, now: '2026-12-10T08:00:00Z' })).toMatch(/2 preparations are due today/);
  });

  it('says that all is ready, that the plan has changed, and that no sheet is large enough', () => {
    expect(said()).toMatch(/^works: Everything is ready/);
    expect(said({ isEmpty: true })).toMatch(/^empty: The plan is empty: add its layers on Plan/);
    expect(said({ isCut: true, changes: { missing, notNeeded: 1 } })).toMatch(
      /has changed.*1 piece is missing/,
    );
    expect(said({ isCut: true, changes: { missing: [], notNeeded: 2 } })).toMatch(
      /2 pieces are no longer needed/,
    );
    expect(said({ tooLarge: 1 })).toMatch(/larger than any sheet/);
  });

  it('prepares nothing of what is in the filter already, unless it must be cut anew', () => {
    const job = { repackOn: null, prepared: [] };
    expect(planProgramme(tray, [pad], [pad], job)).toEqual([]);
    expect(planProgramme(tray, [pad], [{ ...pad, thickness: 0.02 }], job).map(({ key }) => key)).toEqual([
      'cut',
      'foam-30/rinse',
    ]);
  });
});

describe('shopping list', () => {
  it('takes what is there and buys the rest in packs as they are sold', () => {
    const needed = fills(tray, [stone()])[0]!.poured;
    const [need] = list([stone()], shelf(loose({ volume: 0.5e-3 })));
    // By hand: what is missing, in litre packs at 8 each.
    const packs = Math.ceil((needed - 0.5e-3) / 1e-3);
    expect(need).toMatchObject({ onHand: 0.5e-3, buy: { packs, cost: 8 * packs } });
    expect(list([stone()], shelf(loose({ volume: 0.1 })))[0]?.buy).toBeNull();
    expect(list([stone()], EMPTY_SHELF)[0]?.buy).toEqual({ packs: null, pack: null, label: '', cost: null });
  });

  it('buys the label that costs least for what is missing, not the one that is cheapest a pack', () => {
    const [need] = list(
      [stone()],
      shelf(loose(), loose({ id: 'big', label: 'Large sack', packVolume: 10e-3, price: 15 })),
    );
    expect(need?.buy).toMatchObject({ label: 'Large sack', cost: 15, packs: 1 });
  });

  it('counts sheets, cartridges, bags and spares, and nothing that was in the filter before', () => {
    const pad = plainLayer('p', 'foam-30', 'tray-4', 0.03);
    expect(list([pad], shelf(sheet()))).toMatchObject([{ needed: 1, onHand: 0, buy: { packs: 1, cost: 9 } }]);
    expect(list([pad], shelf(sheet({ count: 2 })))).toMatchObject([{ onHand: 1, buy: null }]);
    expect(list([stone({ holder: 'bag' })], EMPTY_SHELF).map(({ kind }) => kind)).toEqual(['loose', 'bag']);
    expect(list([stone({ holder: 'bag' })], EMPTY_SHELF, [stone({ holder: 'bag' })])).toEqual([]);
    // What is printed or laid under is not bought.
    expect(list([plainLayer('k', 'printed-block', 'tray-4', 0.03)], EMPTY_SHELF)).toEqual([]);
    expect(list([plainLayer('k', 'cartridge', 'tray-4', 0.01)], EMPTY_SHELF)).toMatchObject([
      { kind: 'piece' },
    ]);
    const worn = shoppingList(
      { filter: tray, layers: [], found: [], cuts: [], fills: [], parts: { impeller: 'worn', seal: 'fine' } },
      EMPTY_SHELF,
    );
    expect(worn).toMatchObject([{ part: 'impeller', buy: { packs: 1, cost: null } }]);
    expect(listCost([...worn, ...list([pad], shelf(sheet()))])).toEqual({ known: 9, unpriced: 1 });
  });

  it('takes what was filled from the shelf, and lays what is left of a pack there', () => {
    const on = shelf(loose({ volume: 0.5e-3 }), {
      kind: 'bag',
      id: 'bag',
      label: '',
      volume: 5e-3,
      count: 2,
      price: 2,
    });
    const needs = list([stone({ holder: 'bag' })], on);
    const after = afterFilling(on, needs);
    // By hand: half a litre and the packs that were bought, less what went in.
    const packs = needs[0]!.buy!.packs!;
    const [left, bag] = after.items;
    expect(left?.kind === 'loose' ? left.volume : NaN).toBeCloseTo(
      0.5e-3 + packs * 1e-3 - needs[0]!.needed,
      9,
    );
    expect(bag).toMatchObject({ count: 1 });
    expect(afterFilling(EMPTY_SHELF, needs)).toEqual(EMPTY_SHELF);
  });

  it('takes a bag from the shelf for one layer only', () => {
    const two = [stone({ holder: 'bag' }), stone({ id: 'b', chamber: 'tray-1', holder: 'bag' })];
    const bag: ShelfItem = { kind: 'bag', id: 'bag', label: '', volume: 5e-3, count: 1, price: 2 };
    const bags = list(two, shelf(bag)).filter(({ kind }) => kind === 'bag');
    expect(bags.map(({ buy }) => buy === null)).toEqual([true, false]);
  });
});

describe('shelf', () => {
  it('says in a few words what is on hand', () => {
    const on = shelf(
      sheet({ count: 2 }),
      sheet({ id: 'o', offcut: true, count: 1, price: null }),
      loose({ volume: 0.6e-3 }),
    );
    const said = (medium: string): string | null => {
      const stock = describeStock(on, medium);
      return stock === null ? null : formatSentence(stock);
    };
    expect(said('foam-30')).toBe('2 sheets and 1 off-cut on the shelf');
    expect(said('porous-ceramic')).toBe('0.60 L on the shelf');
    expect(said('lava')).toBeNull();
  });

  it('compares labels per litre and never per pack', () => {
    // By hand: 8 for a litre, 60 for ten.
    const dear = loose();
    const cheap = loose({ id: 'c', packVolume: 10e-3, price: 60 });
    expect(pricePerVolume(dear)).toBeCloseTo(8000, 9);
    const [compared] = comparedLabels(shelf(dear, cheap));
    expect(compared?.offers.map(({ id }) => id)).toEqual(['c', 'l']);
    expect(compared?.offers[1]?.times).toBeCloseTo(8 / 6, 9);
    expect(comparedLabels(shelf(dear))).toEqual([]);
  });

  it.each([
    ['stock below zero', { ...sheet(), count: -1 }, /cannot be below 0/],
    ['a price of nothing', { ...sheet(), price: 0 }, /Price must be more than 0/],
    ['half a sheet', { ...sheet(), count: 1.5 }, /whole number/],
    ['a sheet without a size', { ...sheet(), length: 0 }, /Length of the sheet must be/],
    ['two of one id', sheet({ count: 3 }), /same id/],
  ])('refuses %s', (_, item, message) => {
    const read = ShelfSchema.safeParse(
      shelf(sheet(), { ...item, id: /same/.test(String(message)) ? 'sheet' : 'x' }),
    );
    expect(read.success).toBe(false);
    expect(read.error?.issues.map((issue) => issue.message).join(' ')).toMatch(message);
  });
});

describe('costs', () => {
  // By hand: 10 W all year are 87.66 kWh.
  it('counts electricity as watts times hours times the price', () => {
    const filter = { ...tray, pump: { ...tray.pump, power: 10 } };
    expect(electricityPerYear(filter, 0.3)).toBeCloseTo(26.3, 2);
    expect(electricityPerYear(tray.pump.power === null ? tray : filter, null)).toBeNull();
  });

  it('counts what is renewed by its interval, and says what has no price', () => {
    const pad = plainLayer('p', 'floss-bonded', 'tray-4', 0.02);
    const on = shelf(sheet({ medium: 'floss-bonded', thickness: 0.02, price: 5 }));
    const plan = { intervals: [{ layerId: 'p', days: 30, work: 'replace' as const }] };
    const costs = packCosts(tray, [pad], plan, on, null);
    // By hand: a tray’s share of the sheet, a little over twelve times a year.
    const side = tray.chambers.find(({ id }) => id === 'tray-4')!.shape;
    if (side.form !== 'box') throw new Error('A tray is a box.');
    expect(costs.consumables).toBeCloseTo(((365.25 / 30) * 5 * side.length * side.width) / 0.25, 6);
    expect(costs.layers[0]?.perLitre).toBeCloseTo(5 / (0.25 * 0.02 * 1000), 9);
    expect(packCosts(tray, [pad], plan, EMPTY_SHELF, null)).toMatchObject({ consumables: 0, unpriced: 1 });
    expect(packCosts(tray, [pad], null, on, null).consumables).toBe(0);
  });

  // Common practice, no source: cartridges cost tens a year, cut foam a few; a switch pays within months.
  it('pays a switch from cartridges to cut foam back within a year', () => {
    const on = shelf({ kind: 'piece', id: 'c', label: '', medium: 'cartridge', count: 0, price: 4 });
    expect(cartridgesPerYear(on)).toBeGreaterThan(40);
    expect(payBack(12, cartridgesPerYear(on)!, 4)).toBeLessThan(0.5);
    expect(payBack(12, 4, 4)).toBeNull();
  });
});

describe('level strip', () => {
  it('marks clean, service and the rim', () => {
    const headroom = Array.from({ length: 40 }, (_, day) => 0.025 - 0.0005 * day);
    const strip = levelStrip(headroom, 20)!;
    expect(strip).toMatchObject({ clean: 0.025, tooClose: false });
    expect(strip.service).toBeCloseTo(0.015, 9);
    expect(strip.length).toBeGreaterThan(0.025);
    expect(levelStrip(headroom, null)?.service).toBeNull();
    expect(levelStrip(headroom, 2)?.tooClose).toBe(true);
    expect(levelStrip([NaN], 3)).toBeNull();
    expect(levelStrip([-0.001], 3)).toBeNull();
  });
});

describe('printed blocks in a pack', () => {
  it('hold the water up a little, and have a mass by their material', () => {
    const slots = presetFilter('internal-compartments', { id: 'i', tankId: 't' }, 'Test');
    const slot = slots.chambers.find((chamber) => blockFor(chamber) !== null)!;
    const block = blockFor(slot)!;
    const { layer } = blockMedium(block, PRINT_MATERIALS.PETG.density, slot.id, 'block-1');
    expect(blockHead(slots, [layer], 25)).toBeGreaterThan(0);
    expect(blockHead(slots, [plainLayer('f', 'foam-30', slot.id, 0.03)], 25)).toBeNull();
    const figures = blockFigures(block);
    // By hand: plastic times its density.
    expect(blockMass(figures, 'PP')).toBeCloseTo(figures.solid * 900, 12);
  });
});

describe('what lies in the box', () => {
  it('is looked for by kind, and hoses are listed with their lengths', () => {
    expect(firstPackCheck(hang).join(' ')).toMatch(/levelling foot/);
    expect(firstPackCheck(tray).join(' ')).toMatch(/impeller/);
    expect(firstPackCheck(tray).join(' ')).toMatch(/leave it in its mesh/);
    const listed = fittings({ ...tray, equipment: ['spray bar'] });
    expect(listed.find(({ what }) => what === 'Hose back to the tank')?.length).toBe(tray.hoses?.outlet);
    expect(listed.some(({ what }) => /Spray bar/.test(what))).toBe(true);
    expect(fittings(hang).some(({ what }) => /Hose/.test(what))).toBe(false);
  });
});
