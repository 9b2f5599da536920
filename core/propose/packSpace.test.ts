import { describe, expect, it } from 'vitest';
import { FILTER_KINDS } from '../filter/filterKindWords';
import type { FilterKind } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import { volumeBetween } from '../filter/chamberGeometry';
import { usableDepth } from '../filter/usableDepth';
import { DEFAULT_SCHOOLS } from '../findings/defaultSchools';
import type { Schools } from '../findings/schools';
import { mediumOf } from '../layers/mediumOf';
import { plainLayer } from '../layers/plainLayer';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import { EMPTY_SHELF, type ShelfItem } from '../shelf/shelf';
import { newTank } from '../tank/newTank';
import { packFaults } from '../pack/packFaults';
import { seededRandom } from '../maths/seededRandom';
import { defaultQuery } from './defaultQuery';
import { pieceVolume } from './packFromChoices';
import { packOf } from './packOf';
import { packSpace } from './packSpace';
import type { ProposeInput } from './proposeInput';

const TANK = newTank('t', 'Test', 0.1);
const askFor = (
  kind: FilterKind,
  schools: Partial<Schools> = {},
  change: Partial<ProposeInput> = {},
): ProposeInput => {
  const filter = presetFilter(kind, { id: 'f', tankId: 't' }, 'Test');
  return {
    ...defaultQuery({
      around: { ...aloneOn(TANK), schools: { ...DEFAULT_SCHOOLS, ...schools } },
      filter,
      mine: [],
      today: [],
      shelf: EMPTY_SHELF,
    }),
    from: 'any',
    ...change,
  };
};

const FINE_SHEET: ShelfItem = {
  kind: 'sheet',
  id: 'fine',
  label: '',
  medium: 'foam-45',
  length: 1,
  width: 1,
  thickness: 0.02,
  count: 9,
  offcut: false,
  price: null,
};

/** Some packs of a space, drawn by chance. */
function drawn(input: ProposeInput, count: number) {
  const space = packSpace(input);
  const draw = seededRandom(7);
  const packs = [];
  for (let tries = 0; packs.length < count && tries < 40 * count; tries += 1) {
    const pieces = space.decode(space.sizes.map((size) => (draw() < 0.5 ? 0 : Math.floor(draw() * size))));
    if (pieces !== null)
      packs.push({ pieces, layers: packOf(input.filter, space.room, input.today, input.mine)(pieces) });
  }
  return packs;
}

/** What the order of stages and grades and the room of a chamber have to say. */
const ORDER_RULES = [
  'overfill',
  'packed-backwards',
  'stage-order',
  'grade-order',
  'nothing-mechanical',
  'chemical-place',
  'cartridge-only',
  'weak-biological-media',
  'flat-cartridge',
  'short-piece',
];

describe('packSpace', () => {
  const kinds = Object.keys(FILTER_KINDS) as FilterKind[];
  const schools: readonly Partial<Schools>[] = [
    {},
    { finePad: 'after', rings: 'enough', biologicalMedium: 'as it came' },
    { finePad: 'both', fullness: 'leave room', biologicalMedium: 'scrubbers' },
    { biologicalMedium: 'foam', flossFirst: 'never' },
  ];

  it.each(kinds)('holds only packs of %s that fit and stand in an order the findings allow', (kind) => {
    for (const school of schools) {
      const input = askFor(kind, school);
      const packs = drawn(input, 12);
      expect(packs.length).toBeGreaterThan(0);
      for (const { layers } of packs) {
        expect(packFaults(input.filter, layers)).toEqual([]);
        for (const chamber of input.filter.chambers)
          expect(
            layers
              .filter((layer) => layer.chamber === chamber.id)
              .reduce((sum, { thickness }) => sum + thickness, 0),
          ).toBeLessThanOrEqual(usableDepth(chamber) + 1e-6);
        const { findings } = evaluatePack({ ...input.around, filter: input.filter, layers, flow: null });
        const wrong = findings.filter(({ rule, level }) => level !== 'note' && ORDER_RULES.includes(rule));
        expect(wrong.map(({ rule }) => `${rule}: ${layers.map(({ medium }) => medium).join(', ')}`)).toEqual(
          [],
        );
        expect(findings.filter(({ rule, level }) => level === 'check' && rule === 'polishing-pad')).toEqual(
          [],
        );
      }
    }
  });

  it('keeps media that stay, in any chamber, and layers that are pinned, in theirs', () => {
    const filter = presetFilter('canister-centre-pipe', { id: 'f', tankId: 't' }, 'Test');
    const today = [
      plainLayer('coarse', 'foam-20', 'tray-1', 0.06),
      plainLayer('stone', 'lava', 'tray-2', 0.05),
      plainLayer('carbon', 'carbon', 'tray-4', 0.02),
    ];
    const input: ProposeInput = {
      ...askFor('canister-centre-pipe'),
      filter,
      today,
      mine: today,
      stay: ['stone'],
      pinned: ['coarse'],
    };
    const packs = drawn(input, 40);
    expect(packs.length).toBeGreaterThan(10);
    for (const { pieces, layers } of packs) {
      const lava = pieces
        .filter(({ choice }) => choice.key === 'lava')
        .reduce((sum, piece) => sum + pieceVolume(piece), 0);
      expect(lava).toBeGreaterThan(
        0.97 * volumeBetween(filter.chambers.find(({ id }) => id === 'tray-2')!.shape, 0, 0.05),
      );
      expect(layers).toContain(today[0]);
      // A chemical stage that the keeper wants is never ignore, nor moved.
      expect(layers).toContain(today[2]);
      expect(layers.find(({ id }) => id === 'stone')?.medium).toBe('lava');
    }
  });

  it('fills the rest with foam only for those who hold with it, and where nothing else can be had or lie there', () => {
    const hasOnlyFoam = (input: ProposeInput): boolean =>
      drawn(input, 150).some(({ layers }) =>
        layers.every((layer) => ['foam', 'floss'].includes(mediumOf(layer).family)),
      );
    const biological = (biologicalMedium: Schools['biologicalMedium']): ProposeInput =>
      askFor('canister-down-flow', { biologicalMedium });
    expect(hasOnlyFoam(biological('porous mineral'))).toBe(false);
    expect(hasOnlyFoam(biological('scrubbers'))).toBe(false);
    expect(hasOnlyFoam(biological('as it came'))).toBe(true);
    expect(hasOnlyFoam(biological('foam'))).toBe(true);
    expect(hasOnlyFoam(askFor('internal-sponge'))).toBe(true);
    const items = [FINE_SHEET, { ...FINE_SHEET, id: 'coarse', medium: 'foam-15' }];
    const shelf = { ...EMPTY_SHELF, items };
    expect(hasOnlyFoam({ ...biological('porous mineral'), from: 'hand', shelf })).toBe(true);
    // Stone of 12 mm does not lie in slots of 2 cm.
    const stone: ShelfItem = {
      kind: 'loose',
      id: 'stone',
      label: '',
      medium: 'lava',
      volume: 9e-3,
      packVolume: null,
      price: null,
    };
    const slots = {
      ...askFor('hang-on-back-cartridge'),
      from: 'hand' as const,
      shelf: { ...shelf, items: [...items, stone] },
    };
    const shallow = {
      ...slots.filter,
      chambers: slots.filter.chambers.filter(({ id }) => id !== 'well'),
    };
    expect(hasOnlyFoam({ ...slots, filter: shallow })).toBe(true);
  });

  it('leaves chemical media out where the keeper holds with none', () => {
    const today = [plainLayer('carbon', 'carbon', 'tray-4', 0.02)];
    const input = { ...askFor('canister-down-flow', { chemical: 'none' }), today, mine: today };
    for (const { layers } of drawn(input, 10))
      expect(layers.some(({ medium }) => medium === 'carbon')).toBe(false);
  });
});
