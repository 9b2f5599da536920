import { describe, expect, it } from 'vitest';
import { addIntakeSponge } from '../filter/addIntakeSponge';
import type { Filter } from '../filter/filter';
import { FilterKindSchema, type FilterKind } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import { cannotSpill } from '../hydraulics/cannotSpill';
import type { Schools } from './schools';
import { DEFAULT_SCHOOLS } from './defaultSchools';
import { newTank } from '../tank/newTank';
import type { Tank } from '../tank/tank';
import { applyEdit } from '../pack/packEdit';
import { formatSentence } from '../units/sentence';
import { aloneOn, type Surroundings, type OtherFilter } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';

/*
 * Source of every expectation below: the mistakes and faults of the trade, and its exceptions, as keepers give them
 * (common practice, no source). A good pack of each kind has nothing against it; a bad one has exactly its faults.
 */
const filterOf = (kind: FilterKind): Filter => presetFilter(kind, { id: 'f', tankId: 't' }, kind);
const tank: Tank = newTank('t', 'Test', 0.1);
/** A block of sponge alone suits no more than this. */
const spongeTank: Tank = newTank('t', 'Test', 0.06);

interface Case {
  readonly layers: Layer[];
  readonly filter?: (filter: Filter) => Filter;
  readonly around?: Partial<Surroundings>;
  readonly flow?: number;
}

const reportOf = (kind: FilterKind, { layers, filter = (item) => item, around = {}, flow }: Case) =>
  evaluatePack({
    ...aloneOn(kind === 'internal-sponge' ? spongeTank : tank),
    ...around,
    filter: filter(filterOf(kind)),
    layers,
    flow: flow ?? null,
  });

const audit = (kind: FilterKind, item: Case): string[] =>
  reportOf(kind, item)
    .findings.filter((finding) => finding.level !== 'note')
    .map((candidate) => candidate.rule);

type Row = [medium: string, chamber: string, thickness: number, change?: Partial<Layer>];
const pack = (...rows: Row[]): Layer[] =>
  rows.map(([medium, chamber, thickness, change], index) => ({
    ...plainLayer(`l${index}`, medium, chamber, thickness),
    ...change,
  }));

const withSpill =
  (change: Partial<NonNullable<Filter['spill']>>) =>
  (filter: Filter): Filter => ({
    ...filter,
    spill: filter.spill === null ? null : { ...filter.spill, ...change },
  });

const GOOD: Readonly<Record<FilterKind, Layer[]>> = {
  'canister-centre-pipe': pack(
    ['rings-dense', 'tray-1', 0.04],
    ['foam-15', 'tray-1', 0.04],
    ['foam-30', 'tray-2', 0.04],
    ['foam-45', 'tray-2', 0.04],
    ['porous-ceramic', 'tray-3', 0.08],
    ['porous-ceramic', 'tray-4', 0.08],
  ),
  'canister-side-riser': pack(
    ['foam-15', 'column', 0.12],
    ['foam-30', 'column', 0.13],
    ['foam-45', 'tray-1', 0.08],
    ['pumice', 'tray-2', 0.08],
    ['pumice', 'tray-3', 0.08],
  ),
  'canister-down-flow': pack(
    ['foam-15', 'tray-4', 0.04],
    ['foam-30', 'tray-4', 0.04],
    ['foam-45', 'tray-3', 0.08],
    ['lava', 'tray-2', 0.08],
    ['lava', 'tray-1', 0.08],
  ),
  'canister-outside-in': pack(
    ['foam-15', 'perimeter', 0.03],
    ['carbon', 'tray-3', 0.04, { holder: 'bag' }],
    ['foam-45', 'tray-3', 0.04],
    ['pumice', 'tray-2', 0.08],
    ['pumice', 'tray-1', 0.08],
  ),
  'canister-prefilter': pack(
    ['foam-15', 'prefilter', 0.24],
    ['foam-30', 'tray-1', 0.04],
    ['foam-45', 'tray-1', 0.04],
    ['sintered-glass', 'tray-2', 0.08],
    ['sintered-glass', 'tray-3', 0.08],
  ),
  'hang-on-back-basket': pack(
    ['foam-15', 'basket', 0.03],
    ['foam-30', 'basket', 0.02],
    ['foam-45', 'basket', 0.015],
    ['sintered-glass', 'basket', 0.04],
  ),
  'hang-on-back-cartridge': pack(
    ['foam-15', 'well', 0.025],
    ['foam-30', 'slot-1', 0.016],
    ['scrubbers', 'slot-2', 0.018],
  ),
  'internal-sponge': pack(['foam-30', 'sponge', 0.025]),
  'internal-compartments': pack(
    ['foam-15', 'slot-1', 0.06],
    ['foam-45', 'slot-2', 0.06],
    ['sintered-glass', 'slot-3', 0.06],
  ),
  composed: pack(['foam-15', 'chamber-1', 0.04], ['foam-45', 'chamber-1', 0.02], ['lava', 'chamber-1', 0.04]),
};

const BAD: Readonly<Record<FilterKind, Case & { readonly faults: string[] }>> = {
  'canister-centre-pipe': {
    layers: pack(
      ['foam-15', 'tray-1', 0.08],
      ['porous-ceramic', 'tray-2', 0.04],
      ['resin', 'tray-2', 0.02, { holder: 'bag', cut: { length: 0.17, width: 0.17 } }],
      ['foam-30', 'tray-3', 0.08],
      ['porous-ceramic', 'tray-4', 0.08],
    ),
    filter: (filter) => ({ ...filter, hoses: filter.hoses && { ...filter.hoses, height: 0.05 } }),
    faults: ['stage-order', 'chemical-place', 'monthly-deep', 'stands-beside', 'thin-bag', 'short-piece'],
  },
  'canister-side-riser': {
    layers: pack(
      ['foam-45', 'column', 0.1],
      ['foam-15', 'column', 0.15],
      ['rings-dense', 'tray-1', 0.08],
      ['balls', 'tray-2', 0.08],
      ['balls', 'tray-3', 0.04],
    ),
    faults: ['empty-space', 'grade-order', 'weak-biological-media'],
  },
  'canister-down-flow': {
    layers: pack(
      ['foam-15', 'tray-4', 0.08, { dirt: 'dusted' }],
      ['lava', 'tray-3', 0.08, { dirt: 'loaded' }],
      ['lava', 'tray-2', 0.08],
      ['floss-loose', 'tray-1', 0.08],
    ),
    faults: ['polishing-pad', 'dirty-downstream'],
  },
  'canister-outside-in': {
    layers: pack(
      ['foam-15', 'perimeter', 0.03],
      ['pumice', 'tray-3', 0.08],
      ['pumice', 'tray-2', 0.08],
      ['carbon', 'tray-1', 0.08, { installedOn: '2025-11-25' }],
    ),
    around: { now: '2026-11-25T12:00:00Z' },
    faults: ['monthly-deep', 'spent-medium'],
  },
  'canister-prefilter': {
    layers: pack(
      ['foam-15', 'prefilter', 0.24, { signs: ['brittle'] }],
      ['lava', 'tray-1', 0.08],
      ['lava', 'tray-2', 0.08],
      ['lava', 'tray-3', 0.08, { holder: 'wrapper' }],
    ),
    flow: 150e-3 / 3600,
    faults: ['still-wrapped', 'turnover-outside-band', 'worn-piece'],
  },
  'hang-on-back-basket': {
    layers: pack(
      ['foam-15', 'basket', 0.03, { cut: { length: 0.108, width: 0.068 } }],
      ['sintered-glass', 'basket', 0.045],
      ['foam-30', 'basket', 0.04, { dirt: 'blocked' }],
    ),
    filter: withSpill({ foot: 'missing' }),
    around: { tank: { ...tank, animals: ['shrimp'] } },
    faults: ['foot-missing', 'overfill', 'stage-order', 'intake-guard', 'blocked-layer', 'short-piece'],
  },
  'hang-on-back-cartridge': {
    layers: pack(['cartridge', 'slot-1', 0.02], ['cartridge', 'slot-2', 0.02]),
    faults: ['cartridge-only', 'flat-cartridge'],
  },
  'internal-sponge': {
    layers: pack(['foam-30', 'sponge', 0.025, { signs: ['foul'], dirt: 'blocked' }]),
    faults: ['blocked-layer', 'worn-piece'],
  },
  'internal-compartments': {
    layers: pack(
      ['carbon', 'slot-1', 0.06],
      ['foam-30', 'slot-2', 0.06, { cut: { length: 0.2, width: 0.1 } }],
      ['lava', 'slot-3', 0.06],
    ),
    filter: (filter) => ({ ...filter, labelFlow: 400e-3 / 3600 }),
    faults: ['chemical-place', 'tight-grains', 'short-piece'],
  },
  composed: {
    layers: pack(['lava', 'chamber-1', 0.06]),
    faults: ['nothing-mechanical', 'empty-space'],
  },
};

describe('audit', () => {
  it.each(FilterKindSchema.options)('has nothing against a good pack of %s', (kind) => {
    expect(audit(kind, { layers: GOOD[kind] })).toEqual([]);
  });

  it.each(FilterKindSchema.options)('finds exactly what is wrong with a bad pack of %s', (kind) => {
    const { faults, ...bad } = BAD[kind];
    expect(audit(kind, bad).sort()).toEqual([...faults].sort());
    // Read the difference before it is taken: these are the words that keepers see.
    expect(
      reportOf(kind, bad)
        .findings.flatMap(({ rule, level, effect, layers, title, reason }) => [
          `${rule} ${level} ${effect.toFixed(3)} of ${layers.join(', ')}`,
          formatSentence(title),
          formatSentence(reason),
        ])
        .join('\n'),
    ).toMatchSnapshot();
  });

  it('ranks what stops first, then by effect', () => {
    const { layers } = BAD['hang-on-back-basket'];
    const { findings } = evaluatePack({
      ...aloneOn(tank),
      filter: withSpill({ foot: 'missing' })(filterOf('hang-on-back-basket')),
      layers,
      flow: null,
    });
    const stops = findings.filter((finding) => finding.level === 'urgent');
    expect(findings.slice(0, stops.length)).toEqual(stops);
    for (const level of ['urgent', 'check'] as const) {
      const effects = findings.filter((finding) => finding.level === level).map((finding) => finding.effect);
      expect(effects).toEqual([...effects].sort((a, b) => b - a));
    }
    for (const item of findings) expect(item.effect >= 0 && item.effect <= 1, item.rule).toBe(true);
  });
});

describe('schools', () => {
  const judged = (kind: FilterKind, layers: Layer[], schools: Partial<Schools>) =>
    audit(kind, { layers, around: { schools: { ...DEFAULT_SCHOOLS, ...schools } } });

  it.each<[string, FilterKind, Layer[], Partial<Schools>, Partial<Schools>, string]>([
    [
      'the finest pad last',
      'hang-on-back-basket',
      pack(['foam-15', 'basket', 0.04], ['lava', 'basket', 0.05], ['floss-bonded', 'basket', 0.015]),
      { finePad: 'after' },
      { finePad: 'before' },
      'polishing-pad',
    ],
    [
      'balls as biological media',
      'hang-on-back-basket',
      pack(['foam-30', 'basket', 0.05], ['balls', 'basket', 0.05]),
      { rings: 'enough' },
      { rings: 'little use' },
      'weak-biological-media',
    ],
    [
      'floss ahead of the foam',
      'hang-on-back-basket',
      pack(['floss-bonded', 'basket', 0.015], ['foam-15', 'basket', 0.04], ['lava', 'basket', 0.045]),
      { flossFirst: 'by choice' },
      { flossFirst: 'never' },
      'floss-first',
    ],
    [
      'any order in a small basket',
      'hang-on-back-basket',
      pack(['foam-45', 'basket', 0.03], ['foam-15', 'basket', 0.03], ['lava', 'basket', 0.04]),
      { order: 'any' },
      { order: 'grades' },
      'grade-order',
    ],
    [
      'room left on purpose',
      'hang-on-back-basket',
      pack(['foam-15', 'basket', 0.03], ['foam-45', 'basket', 0.03]),
      { fullness: 'leave room' },
      { fullness: 'every corner' },
      'empty-space',
    ],
    [
      'cartridges changed by turns',
      'hang-on-back-cartridge',
      pack(['foam-15', 'well', 0.025], ['cartridge', 'slot-1', 0.016], ['cartridge', 'slot-2', 0.016]),
      { cartridges: 'rotate' },
      { cartridges: 'replace' },
      'cartridge-only',
    ],
  ])('judges %s by the keeper’s own', (_, kind, layers, lenient, strict, rule) => {
    expect(judged(kind, layers, lenient)).not.toContain(rule);
    expect(judged(kind, layers, strict)).toContain(rule);
  });

  it('does not let any order pass in a large canister', () => {
    const layers = pack(
      ['foam-45', 'tray-1', 0.08],
      ['foam-15', 'tray-2', 0.08],
      ['lava', 'tray-3', 0.08],
      ['lava', 'tray-4', 0.08],
    );
    expect(judged('canister-centre-pipe', layers, { order: 'any' })).toContain('grade-order');
  });
});

describe('what is around the filter', () => {
  const good = (kind: FilterKind, around: Partial<Surroundings>, filter?: Case['filter']) =>
    audit(kind, { layers: GOOD[kind], around, filter });
  const long = (change: Partial<Tank> = {}): Tank => ({
    ...tank,
    water: {
      how: 'measured',
      shape: { form: 'box', length: 1.2, width: 0.4, height: 0.5 },
      fill: 0.45,
      substrate: { depth: 0, porosity: 0.4 },
      hardscape: { by: 'volume', volume: 0 },
    },
    ...change,
  });

  it('asks for four hang-on-backs, or a circulation pump, on 120 cm', () => {
    const basket = filterOf('hang-on-back-basket');
    const others = (count: number): OtherFilter[] =>
      Array.from({ length: count }, () => ({ filter: basket, layers: [] }));
    expect(good('hang-on-back-basket', { tank: long() })).toEqual(['long-tank']);
    expect(good('hang-on-back-basket', { tank: long(), others: others(2) })).toEqual(['long-tank']);
    expect(good('hang-on-back-basket', { tank: long(), others: others(3) })).toEqual([]);
    const moved = long({ circulation: [{ place: 'left', aim: 'along the tank', flow: 1e-3 }] });
    expect(good('hang-on-back-basket', { tank: moved })).toEqual([]);
  });

  it('wants a stream that goes somewhere', () => {
    const up = (filter: Filter): Filter => ({
      ...filter,
      outlets: [{ place: 'left', aim: 'up', hose: null, aboveWater: 0 }],
    });
    expect(good('canister-centre-pipe', { tank: long() }, up)).toEqual(['long-tank', 'stream-aim']);
  });

  it('guards fry and shrimp with a sponge that fits its tube', () => {
    const shrimp = { tank: { ...tank, animals: ['shrimp' as const] } };
    expect(good('canister-centre-pipe', shrimp)).toEqual(['intake-guard']);
    expect(good('internal-sponge', { tank: { ...spongeTank, animals: ['shrimp'] } })).toEqual([]);
    const schools = { ...DEFAULT_SCHOOLS, intakeSponge: 'never' as const };
    expect(good('canister-centre-pipe', { ...shrimp, schools })).toEqual([]);
    expect(good('canister-centre-pipe', { tank: { ...tank, animals: ['fry'] }, schools })).toEqual([
      'intake-guard',
    ]);

    const tubed =
      (tube: number) =>
      (filter: Filter): Filter => {
        const fitted = addIntakeSponge({
          ...filter,
          intakes: [{ place: 'left', depth: null, tube: 0.016, hose: null, open: 1 }],
        });
        return { ...fitted, intakes: [{ place: 'left', depth: null, tube, hose: null, open: 1 }] };
      };
    const sponged = {
      layers: [
        ...pack(['foam-20', 'intake-sponge', 0.02]),
        ...GOOD['canister-down-flow'].map((layer) => ({ ...layer, id: `b${layer.id}` })),
      ],
      around: shrimp,
    };
    expect(audit('canister-down-flow', { ...sponged, filter: tubed(0.016) })).toEqual([]);
    expect(audit('canister-down-flow', { ...sponged, filter: tubed(0.012) })).toEqual(['sponge-fit']);
    expect(audit('canister-down-flow', { ...sponged, filter: tubed(0.022) })).toEqual(['sponge-fit']);
  });

  it('judges turnover by the animals, and not where other filters help', () => {
    const fast = 900e-3 / 3600;
    const still = { tank: { ...tank, animals: ['still water' as const] } };
    const at = (around: Partial<Surroundings>, flow: number) =>
      audit('canister-centre-pipe', { layers: GOOD['canister-centre-pipe'], around, flow });
    expect(at({}, fast)).toEqual([]);
    expect(at(still, fast)).toEqual(['turnover-outside-band']);
    expect(at({}, fast / 4)).toEqual(['turnover-outside-band']);
    expect(at({ others: [{ filter: filterOf('internal-sponge'), layers: [] }] }, fast / 4)).toEqual([]);
  });
});

/** Findings of one rule, notes too, for a pack as it is. */
function found(kind: FilterKind, rule: string, { layers, filter = (item) => item, around = {}, flow }: Case) {
  const body = filter(filterOf(kind));
  const input = { ...aloneOn(tank), ...around, filter: body, layers, flow: flow ?? null };
  return evaluatePack(input).findings.filter((finding) => finding.rule === rule);
}

describe('the way of the water', () => {
  const UP_FLOW_ORDER: Row[] = [
    ['foam-15', 'tray-1', 0.08],
    ['foam-45', 'tray-2', 0.08],
    ['lava', 'tray-3', 0.08],
  ];

  it('finds a pack for the other direction once, and turns it over across the trays', () => {
    const layers = pack(...UP_FLOW_ORDER, ['lava', 'tray-4', 0.08]);
    expect(audit('canister-down-flow', { layers })).toEqual(['packed-backwards']);
    const [finding] = found('canister-down-flow', 'packed-backwards', { layers });
    if (finding?.remedy === undefined) throw new Error('No remedy.');
    const turned = applyEdit(layers, finding.remedy.edit);
    expect(audit('canister-down-flow', { layers: turned })).toEqual([]);
    expect(turned.map(({ id }) => id).sort()).toEqual(layers.map(({ id }) => id).sort());
    // The same pack is right where the water rises.
    expect(found('canister-centre-pipe', 'packed-backwards', { layers })).toEqual([]);
  });

  it('leaves a single swapped pair to its own finding', () => {
    const layers = pack(['foam-45', 'tray-4', 0.08], ['foam-15', 'tray-3', 0.08], ['lava', 'tray-2', 0.08]);
    expect(found('canister-down-flow', 'packed-backwards', { layers })).toEqual([]);
    expect(found('canister-down-flow', 'grade-order', { layers })).toHaveLength(1);
  });

  it('counts settlement only at the bottom of an up-flow body', () => {
    const rings = (chamber: string): Layer[] => pack(['rings-dense', chamber, 0.03]);
    const foams = pack(['foam-15', 'tray-2', 0.08], ['lava', 'tray-3', 0.08]).map((layer) => ({
      ...layer,
      id: `f${layer.id}`,
    }));
    for (const chamber of ['bottom', 'tray-1'])
      expect(
        found('canister-centre-pipe', 'settlement-first', { layers: [...rings(chamber), ...foams] }),
      ).toHaveLength(1);
    const basket = pack(['balls', 'basket', 0.03], ['foam-30', 'basket', 0.04], ['lava', 'basket', 0.035]);
    expect(found('hang-on-back-basket', 'settlement-first', { layers: basket })).toEqual([]);
    expect(audit('hang-on-back-basket', { layers: basket })).toContain('stage-order');
  });

  it('offers rings elsewhere the space under the trays', () => {
    const layers = pack(
      ['foam-15', 'tray-1', 0.08],
      ['rings-dense', 'tray-2', 0.03],
      ['foam-45', 'tray-3', 0.08],
      ['lava', 'tray-4', 0.08],
    );
    const [finding] = found('canister-centre-pipe', 'stage-order', { layers });
    expect(finding?.remedy?.edit).toMatchObject({ type: 'move', layerId: 'l1', chamberId: 'bottom' });
  });

  it('keeps sleeve and prefilter out of the order of grades', () => {
    const layers = pack(
      ['foam-45', 'prefilter', 0.24],
      ['foam-15', 'tray-1', 0.08],
      ['lava', 'tray-2', 0.08],
    );
    expect(found('canister-prefilter', 'grade-order', { layers })).toEqual([]);
  });

  it('raises a pack that ends below the lip on a spacer', () => {
    const layers = pack(['foam-30', 'basket', 0.075]);
    const [finding] = found('hang-on-back-basket', 'flowed-over', { layers });
    if (finding?.remedy === undefined) throw new Error('No remedy.');
    const raised = applyEdit(layers, finding.remedy.edit);
    expect(raised[0]?.medium).toBe('spacer');
    expect(found('hang-on-back-basket', 'flowed-over', { layers: raised })).toEqual([]);
  });

  it('has a basket filled rather than a pack raised on a spacer of more than 3 cm', () => {
    const [finding] = found('hang-on-back-basket', 'flowed-over', {
      layers: pack(['foam-30', 'basket', 0.05]),
    });
    expect(finding?.remedy).toBeUndefined();
    expect(formatSentence(finding?.reason ?? [])).toMatch(/Fill the basket/);
    expect(formatSentence(finding?.reason ?? [])).not.toMatch(/spacer/);
  });

  it('turns over a pack in trays with foam around them, which stays', () => {
    const layers = pack(
      ['foam-15', 'perimeter', 0.03],
      ['lava', 'tray-3', 0.08],
      ['foam-45', 'tray-2', 0.08],
      ['foam-15', 'tray-1', 0.08],
    );
    const [finding] = found('canister-outside-in', 'packed-backwards', { layers });
    if (finding?.remedy === undefined) throw new Error('No remedy.');
    expect(applyEdit(layers, finding.remedy.edit).map(({ medium, chamber }) => [medium, chamber])).toEqual([
      ['foam-15', 'perimeter'],
      ['foam-15', 'tray-3'],
      ['foam-45', 'tray-2'],
      ['lava', 'tray-1'],
    ]);
  });

  // Sleeve, floss, 30 ppi, and prefilter, floss, 30 ppi: accepted packs (common practice, no source).
  it('takes floss after a sleeve or a prefilter for floss first', () => {
    const trays: Row[] = [
      ['floss-bonded', 'tray-1', 0.02],
      ['foam-30', 'tray-1', 0.06],
      ['lava', 'tray-2', 0.08],
      ['lava', 'tray-3', 0.08],
    ];
    const behind = { layers: pack(['foam-15', 'prefilter', 0.24], ...trays) };
    expect(audit('canister-prefilter', behind)).toEqual([]);
    expect(found('canister-prefilter', 'floss-first', behind)).toHaveLength(1);
    const sleeve = {
      filter: addIntakeSponge,
      layers: pack(['foam-20', 'intake-sponge', 0.02], ['foam-15', 'prefilter', 0.24], ...trays),
    };
    expect(audit('canister-prefilter', sleeve)).toEqual([]);
  });

  it('has nothing against more coarse foam behind a finer one, where coarse foam comes first too', () => {
    const level = (...first: Row[]): string | undefined =>
      found('canister-down-flow', 'grade-order', {
        layers: pack(
          ...first,
          ['foam-45', 'tray-3', 0.08],
          ['foam-15', 'tray-2', 0.08],
          ['lava', 'tray-1', 0.08],
        ),
      })[0]?.level;
    expect(level(['foam-15', 'tray-4', 0.08])).toBe('note');
    expect(level(['foam-30', 'tray-4', 0.08])).toBe('check');
  });

  it('sees a sleeve, and not a well, in the first chamber of a cartridge body', () => {
    const layers = pack(['cartridge', 'slot-1', 0.02], ['scrubbers', 'slot-2', 0.018]);
    const sleeve: Row = ['foam-20', 'intake-sponge', 0.02];
    const filter = addIntakeSponge;
    expect(
      found('hang-on-back-cartridge', 'empty-space', { filter, layers: [...pack(sleeve), ...layers] }),
    ).toEqual([]);
    expect(
      found('hang-on-back-cartridge', 'empty-well', { filter, layers: [...pack(sleeve), ...layers] }),
    ).toHaveLength(1);
    const thin = pack(['floss-bonded', 'well', 0.01], ['cartridge', 'slot-1', 0.02]);
    expect(
      found('hang-on-back-cartridge', 'empty-space', { layers: thin }).map(({ chamber }) => chamber),
    ).toEqual(['slot-2']);
  });

  it('lets any order pass in the basket of a hang-on-back, and not in another small body', () => {
    const schools = { ...DEFAULT_SCHOOLS, order: 'any' as const };
    const basket = pack(
      ['carbon', 'basket', 0.02],
      ['foam-15', 'basket', 0.03],
      ['lava', 'basket', 0.045],
      ['floss-bonded', 'basket', 0.01],
    );
    expect(audit('hang-on-back-basket', { layers: basket, around: { schools } })).toEqual([]);
    expect(audit('hang-on-back-basket', { layers: basket })).toEqual(
      expect.arrayContaining(['chemical-place', 'polishing-pad']),
    );
    const body = pack(['foam-45', 'chamber-1', 0.05], ['foam-15', 'chamber-1', 0.05]);
    expect(audit('composed', { layers: body, around: { schools } })).toContain('grade-order');
  });

  it('warns of small grains behind a usual pump, and not behind a strong one', () => {
    const grains = (labelFlow: number) =>
      found('internal-compartments', 'tight-grains', {
        layers: pack(['foam-30', 'slot-1', 0.06], ['granules', 'slot-2', 0.06]),
        filter: (filter) => ({ ...filter, labelFlow: labelFlow / 3.6e6 }),
      });
    expect(grains(600)).toHaveLength(1);
    expect(grains(620)).toEqual([]);
  });
});

describe('what hangs on a guess', () => {
  const shut: Case = {
    layers: pack(['foam-45', 'basket', 0.105]),
    filter: withSpill({ notch: null, rimAboveLip: 0.012 }),
  };

  it('is never urgent: an overflow while lip and rim are assumed', () => {
    expect(found('hang-on-back-basket', 'spills', shut)[0]?.level).toBe('check');
    const measured = (filter: Filter): Filter => ({ ...(shut.filter?.(filter) ?? filter), assumed: [] });
    expect(found('hang-on-back-basket', 'spills', { ...shut, filter: measured })[0]?.level).toBe('urgent');
  });

  it('names which of two stops is passed', () => {
    const twoStops = (filter: Filter): Filter => ({
      ...filter,
      chambers: filter.chambers.map((chamber) => ({ ...chamber, stop: 0.09, upperStop: 0.105 })),
    });
    const at = (thickness: number) =>
      found('hang-on-back-basket', 'overfill', {
        layers: pack(['foam-30', 'basket', thickness]),
        filter: twoStops,
      })[0];
    expect(at(0.085)).toBeUndefined();
    expect(at(0.1)?.level).toBe('check');
    expect(formatSentence(at(0.1)?.title ?? [])).toBe('Basket: 1.0 cm of media above the lower fill limit.');
    expect(at(0.11)?.level).toBe('urgent');
    expect(formatSentence(at(0.11)?.title ?? [])).toBe('Basket: 0.5 cm of media above the upper fill limit.');
  });

  it('holds a pump curve against the label', () => {
    const curve =
      (most: number) =>
      (filter: Filter): Filter => ({
        ...filter,
        pump: {
          ...filter.pump,
          head: {
            by: 'curve',
            points: [
              { flow: 0, head: 1.8 },
              { flow: most * filter.labelFlow, head: 0 },
            ],
          },
        },
      });
    const layers = GOOD['canister-down-flow'];
    expect(found('canister-down-flow', 'pump-curve-label', { layers, filter: curve(1.05) })).toEqual([]);
    expect(found('canister-down-flow', 'pump-curve-label', { layers, filter: curve(0.5) })).toHaveLength(1);
  });
});

describe('advice that fits the filter', () => {
  it('says how much goes over dividers that end under the water, and that the edge is assumed', () => {
    const ended =
      (belowWater: number, assumed: Filter['assumed']) =>
      (filter: Filter): Filter => ({ ...filter, openEdge: { belowWater, width: 0.22 }, assumed });
    const at = (belowWater: number, assumed: Filter['assumed'] = []): string =>
      found('internal-compartments', 'over-dividers', {
        layers: GOOD['internal-compartments'],
        filter: ended(belowWater, assumed),
      })
        .map(({ title, reason }) => `${formatSentence(title)} ${formatSentence(reason)}`)
        .join('');
    expect(at(0)).toBe('');
    expect(at(0.006)).toMatch(/% of the water goes over the dividers.* 6 mm under/);
    expect(at(0.006)).not.toMatch(/assumed/);
    expect(at(0.006, ['openEdge'])).toMatch(/assumed: measure it/);
  });

  it('finds no fault in pads trimmed so that the body cannot overflow', () => {
    const shut = withSpill({ notch: null });
    const body = shut(filterOf('hang-on-back-basket'));
    const side = cannotSpill(body, 0.1)?.corner?.area ?? NaN;
    // A strip along one wall of the 12 × 8 cm basket, nearly twice the area that a trimmed corner needs.
    const trimmed = { cut: { length: 0.12, width: 0.08 - (1.8 * side) / 0.12 } };
    const layers = pack(['foam-30', 'basket', 0.05, trimmed], ['foam-45', 'basket', 0.05, trimmed]);
    expect(found('hang-on-back-basket', 'short-piece', { layers, filter: shut })[0]?.level).toBe('note');
    // The same pads in a body with an open edge leave a gap for nothing.
    expect(found('hang-on-back-basket', 'short-piece', { layers })[0]?.level).toBe('check');
  });

  it('lets an empty cartridge well be, and speaks of shifting only where loose media can', () => {
    const layers = pack(['cartridge', 'slot-1', 0.018]);
    expect(found('hang-on-back-cartridge', 'empty-well', { layers })[0]?.level).toBe('note');
    const reason = (medium: string): string =>
      formatSentence(
        found('hang-on-back-basket', 'empty-space', { layers: pack([medium, 'basket', 0.05]) })[0]?.reason ??
          [],
      );
    expect(reason('lava')).toMatch(/Loose media moves about/);
    expect(reason('foam-30')).not.toMatch(/moves about/);
  });

  it('looks for muck down the sides of a full top tray, where the water comes from above', () => {
    const layers = pack(['foam-15', 'tray-4', 0.08, { dirt: 'blocked' }], ['lava', 'tray-3', 0.08]);
    expect(found('canister-down-flow', 'full-top-tray', { layers })).toHaveLength(1);
    expect(found('canister-centre-pipe', 'full-top-tray', { layers })).toEqual([]);
  });

  it('calls the filter small where its clean pack turns the tank over too slowly as well', () => {
    const large = newTank('t', 'Test', 0.4);
    const [finding] = found('canister-down-flow', 'turnover-outside-band', {
      layers: GOOD['canister-down-flow'],
      around: { tank: large },
      flow: 300e-3 / 3600,
    });
    expect(formatSentence(finding?.reason ?? [])).toMatch(/small for this tank/);
    expect(formatSentence(finding?.reason ?? [])).not.toMatch(/holds the water back/);
  });

  it('fears for loose wadding by the speed of the water, and not with a pad after it', () => {
    const at = (labelFlow: number, ...after: Row[]) =>
      found('hang-on-back-basket', 'loose-wadding', {
        layers: pack(['foam-15', 'basket', 0.05], ['floss-loose', 'basket', 0.03], ...after),
        filter: (filter) => ({ ...filter, labelFlow }),
      })[0]?.level;
    expect(at(900e-3 / 3600)).toBe('check');
    expect(at(300e-3 / 3600)).toBe('note');
    expect(at(900e-3 / 3600, ['foam-30', 'basket', 0.02])).toBeUndefined();
  });

  it('finds an internal filter alone on a tank that is large for it', () => {
    const level = (volume: number): string | undefined =>
      found('internal-sponge', 'sponge-alone', {
        layers: GOOD['internal-sponge'],
        around: { tank: newTank('t', 'Test', volume) },
      })[0]?.level;
    expect([level(0.03), level(0.07), level(0.1)]).toEqual([undefined, 'note', 'check']);
    const slots = (volume: number): string | undefined =>
      found('internal-compartments', 'sponge-alone', {
        layers: GOOD['internal-compartments'],
        around: { tank: newTank('t', 'Test', volume) },
      })[0]?.level;
    expect([slots(0.03), slots(0.1), slots(0.2)]).toEqual([undefined, 'note', 'check']);
  });

  it('asks no sandwich of a keeper who places the pad last, nothing of a bag that fills its tray, and how large one is that does not', () => {
    const bag = (change: Partial<Layer>): Case => ({
      layers: pack(
        ['foam-15', 'tray-4', 0.08],
        ['lava', 'tray-3', 0.08],
        ['carbon', 'tray-2', 0.02, { holder: 'bag', ...change }],
      ),
    });
    expect(found('canister-down-flow', 'thin-bag', bag({ thickness: 0.05 }))).toEqual([]);
    expect(
      found('canister-down-flow', 'thin-bag', bag({})).map(({ title }) => formatSentence(title)),
    ).toEqual([expect.stringMatching(/the size of the bag is not entered/)]);
    const short = { cut: { length: 0.15, width: 0.15 } };
    const said = (schools: Schools): string =>
      formatSentence(
        found('canister-down-flow', 'thin-bag', { ...bag(short), around: { schools } })[0]?.reason ?? [],
      );
    expect(said(DEFAULT_SCHOOLS)).toMatch(/between two pads/);
    expect(said({ ...DEFAULT_SCHOOLS, finePad: 'after' })).not.toMatch(/between two pads/);
  });

  const bySchool = (schools: Partial<Schools>): Partial<Surroundings> => ({
    schools: { ...DEFAULT_SCHOOLS, ...schools },
  });

  it('judges a low turnover by the school of sizing, and what animals cannot bear by any', () => {
    const level = (flow: number, around: Partial<Surroundings>): string | undefined =>
      found('canister-down-flow', 'turnover-outside-band', {
        layers: GOOD['canister-down-flow'],
        around,
        flow,
      })[0]?.level;
    const slow = 200e-3 / 3600;
    expect(level(slow, {})).toBe('check');
    expect(level(slow, bySchool({ sizing: 'media weight' }))).toBe('note');
    const calm = { ...bySchool({ sizing: 'food' }), tank: { ...tank, animals: ['still water' as const] } };
    expect(level(900e-3 / 3600, calm)).toBe('check');
  });

  it('says of zeolite what the keeper’s school says, and takes it out where that is none', () => {
    const layers = pack(
      ['foam-30', 'tray-4', 0.08],
      ['lava', 'tray-3', 0.08],
      ['zeolite', 'tray-2', 0.02, { holder: 'bag' }],
    );
    const about = (zeolite: Schools['zeolite']) =>
      found('canister-down-flow', 'zeolite-stays', { layers, around: bySchool({ zeolite }) })[0];
    expect(about('emergency')).toMatchObject({ level: 'note' });
    expect(about('porous home')).toMatchObject({ level: 'note' });
    const never = about('never');
    expect(never?.level).toBe('check');
    const left = never?.remedy === undefined ? layers : applyEdit(layers, never.remedy.edit);
    expect(left.map(({ medium }) => medium)).toEqual(['foam-30', 'lava']);
  });

  it('knows the grade of foam that the keeper’s school has throughout', () => {
    const foams = (...media: string[]): Layer[] =>
      pack(...media.map((medium): Row => [medium, 'basket', 0.04]));
    const about = (layers: Layer[], foamGrade: Schools['foamGrade'] = '30 ppi') =>
      found('hang-on-back-basket', 'foam-grade-choice', { layers, around: bySchool({ foamGrade }) })[0];
    expect(about(foams('foam-30', 'foam-30'))).toBeUndefined();
    expect(about(foams('foam-15', 'foam-30'))).toBeUndefined();
    expect(about(foams('foam-30', 'lava'), 'dense')).toBeUndefined();
    expect(about(foams('foam-10', 'foam-10'), 'very coarse')).toBeUndefined();
    const dense = about(foams('foam-30', 'foam-30'), 'dense');
    expect(dense?.level).toBe('note');
    const after =
      dense?.remedy === undefined ? [] : applyEdit(foams('foam-30', 'foam-30'), dense.remedy.edit);
    expect(after.map(({ medium }) => medium)).toEqual(['foam-45', 'foam-45']);
    expect(about(after, 'dense')).toBeUndefined();
  });

  it('offers mineral media in an internal filter to the keeper whose school that is', () => {
    const [first, second] = filterOf('internal-compartments').chambers;
    const layers = pack(['foam-15', first?.id ?? '', 0.03], ['foam-30', second?.id ?? '', 0.03]);
    const about = (internalFoam: Schools['internalFoam']) =>
      found('internal-compartments', 'internal-foam-choice', {
        layers,
        around: bySchool({ internalFoam }),
      })[0];
    expect(about('foam')).toBeUndefined();
    const finding = about('mineral');
    const after = finding?.remedy === undefined ? [] : applyEdit(layers, finding.remedy.edit);
    expect(after.map(({ medium }) => medium)).toEqual(['foam-15', 'porous-ceramic']);
  });

  it('gives both arguments about plastic particles, as a note', () => {
    const [finding] = found('hang-on-back-basket', 'plastic-particles', {
      layers: pack(['foam-30', 'basket', 0.04], ['scrubbers', 'basket', 0.04]),
    });
    expect(finding?.level).toBe('note');
    expect(formatSentence(finding?.title ?? [])).toBe('Some media is plastic: plastic pot scrubbers.');
    expect(formatSentence(finding?.reason ?? [])).toMatch(/Some keepers worry.*Others point out/);
  });

  it('finds carbon in the filter of a keeper who has it on the tap water', () => {
    const on = (tapWater: 'carbon' | 'no carbon') =>
      found('canister-down-flow', 'carbon-on-tap', {
        layers: pack(['foam-30', 'tray-4', 0.04], ['carbon', 'tray-1', 0.04]),
        around: { schools: { ...DEFAULT_SCHOOLS, tapWater } },
      }).map(({ level }) => level);
    expect([on('carbon'), on('no carbon')]).toEqual([['note'], []]);
  });

  it('notes a circulation pump that blows at the intake', () => {
    const about = (place: 'left' | 'middle' | 'right', aim: 'along the tank' | 'up') =>
      found('canister-down-flow', 'circulation-aim', {
        layers: GOOD['canister-down-flow'],
        filter: (filter) => ({
          ...filter,
          intakes: filter.intakes.map((intake) => ({ ...intake, place: 'right' as const })),
        }),
        around: { tank: { ...tank, circulation: [{ place, aim, flow: 1e-3 }] } },
      }).length;
    expect([about('left', 'along the tank'), about('right', 'along the tank')]).toEqual([1, 0]);
    expect([about('middle', 'along the tank'), about('left', 'up')]).toEqual([1, 0]);
  });
});
