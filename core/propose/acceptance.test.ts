import { describe, expect, it } from 'vitest';
import type { FilterKind } from '../filter/filterKind';
import { isCanister } from '../filter/kindFamily';
import { presetFilter } from '../filter/presetFilter';
import type { PresetSize } from '../filter/presetSize';
import { usableDepth } from '../filter/usableDepth';
import { DEFAULT_SCHOOLS } from '../findings/defaultSchools';
import type { Schools } from '../findings/schools';
import { placeLayers } from '../layers/placeLayers';
import { sumOf } from '../maths/sum';
import { gradeRank } from '../media/gradeRank';
import { GRADES } from '../media/grades';
import { leastThickness } from '../practice/leastThickness';
import { aloneOn } from '../report/surroundings';
import { looseItem, sheetItem } from '../shelf/itemsForTests';
import type { Shelf } from '../shelf/shelf';
import { newTank } from '../tank/newTank';
import { defaultQuery } from './defaultQuery';
import { propose } from './propose';

/*
 * Twelve filters, and what keepers would call a good pack of each, written down before any search was run: coarse before
 * fine, something fine, biological media in half of a canister (foam for those who hold with foam alone), nothing
 * empty, nothing too thin to do its work, at normal stocking a canister opened at most six times a year, any other
 * filter at most fourteen times. All of it common practice, no source.
 */
interface Case {
  readonly of: string;
  readonly kind: FilterKind;
  readonly size?: PresetSize;
  /** Water of the tank, m³, and dry food a day at normal stocking, kg. */
  readonly water: number;
  readonly food: number;
  readonly schools?: Partial<Schools>;
  /** Least share of the media that is for bacteria alone, in a canister of its trays. */
  readonly biological: number;
  /** The finest grade is at least this. */
  readonly finest: (typeof GRADES)[number];
}

const CANISTER = { biological: 0.5, finest: 'fine' } as const;
const FOAM_ALONE = { biological: 0, finest: 'medium' } as const;
const SMALL = { biological: 0.2, finest: 'fine' } as const;
const CASES: readonly Case[] = [
  { of: 'centre pipe', kind: 'canister-centre-pipe', water: 0.2, food: 1.5e-3, ...CANISTER },
  { of: 'side riser', kind: 'canister-side-riser', water: 0.25, food: 1.9e-3, ...CANISTER },
  { of: 'down-flow', kind: 'canister-down-flow', water: 0.12, food: 0.9e-3, ...CANISTER },
  {
    of: 'small down-flow',
    kind: 'canister-down-flow',
    size: 'small',
    water: 0.06,
    food: 0.5e-3,
    ...CANISTER,
  },
  { of: 'outside-in', kind: 'canister-outside-in', water: 0.35, food: 2.6e-3, ...CANISTER },
  { of: 'pull-out prefilter', kind: 'canister-prefilter', water: 0.25, food: 1.9e-3, ...CANISTER },
  {
    of: 'down-flow, foam alone',
    kind: 'canister-down-flow',
    water: 0.12,
    food: 0.9e-3,
    schools: { biologicalMedium: 'foam' },
    ...FOAM_ALONE,
  },
  {
    of: 'centre pipe, finest pad last',
    kind: 'canister-centre-pipe',
    water: 0.2,
    food: 1.5e-3,
    schools: { finePad: 'after' },
    ...CANISTER,
  },
  { of: 'basket', kind: 'hang-on-back-basket', water: 0.06, food: 0.45e-3, ...SMALL },
  { of: 'cartridges', kind: 'hang-on-back-cartridge', water: 0.06, food: 0.45e-3, ...SMALL },
  { of: 'sponge', kind: 'internal-sponge', water: 0.03, food: 0.2e-3, ...FOAM_ALONE },
  { of: 'compartments', kind: 'internal-compartments', water: 0.06, food: 0.45e-3, ...SMALL },
];

/** What a keeper who cuts their own media has: sheets of each grade, floss, and some litres of stone. */
const sheetOf = (medium: string, thickness: number) => sheetItem(medium, thickness, { count: 6 });
const SHELF: Shelf = {
  id: 'shelf',
  items: [
    ...['foam-15', 'foam-30', 'foam-45'].flatMap((medium) => [sheetOf(medium, 0.02), sheetOf(medium, 0.03)]),
    sheetOf('foam-15', 0.05),
    sheetOf('floss-bonded', 0.01),
    sheetOf('floss-bonded', 0.02),
    looseItem('porous-ceramic', 12e-3),
    looseItem('pumice', 6e-3),
    looseItem('rings-dense', 2e-3),
    looseItem('scrubbers', 6e-3),
  ],
};

/** Enough for the same answer to come up; the app tries more. */
const EFFORT = { packs: 1_500, forecasts: 30 };

describe('the first proposal is a pack that keepers would build', () => {
  it.each(CASES)('$of', ({ kind, size = 'middle', water, food, schools: own = {}, biological, finest }) => {
    const filter = presetFilter(kind, { id: 'f', tankId: 't' }, 'F', size);
    const schools = { ...DEFAULT_SCHOOLS, ...own };
    const tank = {
      ...newTank('t', 'T', water),
      feed: { amount: { by: 'weight' as const, perDay: food }, protein: 0.42 },
    };
    const { proposals } = propose(
      defaultQuery({
        around: { ...aloneOn(tank), schools },
        filter,
        mine: [],
        today: [],
        shelf: SHELF,
      }),
      EFFORT,
    );
    const [first] = proposals;
    expect(first?.merits).toContain('all round');
    const { layers, figures, findings } = first!.pack;
    const placed = placeLayers(filter, layers);
    const told = placed
      .map(({ layer, chamber }) => `${chamber.id} ${layer.medium} ${layer.thickness}`)
      .join(', ');
    expect(findings, told).toEqual([]);

    const dirt = placed.filter(({ medium }) => medium.roles.includes('mechanical'));
    const ranks = dirt.flatMap(({ medium }) => gradeRank(medium) ?? []);
    expect(ranks, told).toEqual([...ranks].sort((a, b) => a - b));
    expect(GRADES.indexOf(finest), told).toBeLessThanOrEqual(ranks.at(-1)!);

    // Of the trays: a column, a prefilter and foam around them are there for dirt.
    const trays = placed.filter(({ chamber }) => !isCanister(kind) || chamber.id.startsWith('tray'));
    const bacteria = trays.filter(({ medium }) => !medium.roles.includes('mechanical'));
    const litres = (some: typeof placed): number => sumOf(some, ({ measure }) => measure.volume);
    expect(litres(bacteria), told).toBeGreaterThanOrEqual(biological * litres(trays));

    for (const chamber of filter.chambers.filter(({ id }) => id !== 'bottom')) {
      const filled = sumOf(
        layers.filter((layer) => layer.chamber === chamber.id),
        ({ thickness }) => thickness,
      );
      expect(filled, `${chamber.id} of ${told}`).toBeGreaterThanOrEqual(0.75 * usableDepth(chamber));
    }
    for (const { layer, medium } of placed)
      expect(layer.thickness, layer.medium).toBeGreaterThanOrEqual(leastThickness(medium) - 1e-6);
    expect(figures.visits, told).toBeLessThanOrEqual(isCanister(kind) ? 6 : 14);
  });
});
