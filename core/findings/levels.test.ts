import { describe, expect, it } from 'vitest';
import { addIntakeSponge } from '../filter/addIntakeSponge';
import type { Filter } from '../filter/filter';
import type { FilterKind } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import { cleanFlow } from '../hydraulics/cleanFlowFit';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { applyEdit } from '../pack/packEdit';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import type { PackInput } from '../report/packMeasures';
import { newTank } from '../tank/newTank';
import type { Tank } from '../tank/tank';
import { formatSentence } from '../units/sentence';
import type { Finding } from './finding';
import type { FindingLevel } from './findingLevel';
import { RULES, type RuleId } from './allRules';
import { DEFAULT_SCHOOLS } from './defaultSchools';
import type { Schools } from './schools';

/*
 * How grave each finding is: urgent where water or animals are at risk now, to be checked where the filter works worse than it
 * could, a note where it is a choice (common practice, no source). The cases that the audit of packs names by rule alone.
 */
interface Case {
  readonly kind: FilterKind;
  readonly layers: readonly Layer[];
  readonly filter?: (filter: Filter) => Filter;
  readonly tank?: Partial<Tank>;
  readonly more?: (filter: Filter) => Partial<PackInput>;
}

const foam = (
  chamber: string,
  thickness: number,
  medium = 'foam-30',
  change: Partial<Layer> = {},
): Layer => ({
  ...plainLayer(`${medium} ${chamber}`, medium, chamber, thickness),
  ...change,
});
const tray = [foam('tray-4', 0.08)];
const basket = [foam('basket', 0.05)];
const outlet = (aim: 'up' | 'along the tank'): Filter['outlets'][number] => ({
  place: 'left',
  aim,
  hose: null,
  aboveWater: 0,
});
const intake = (depth: number | null): Filter['intakes'][number] => ({
  place: 'left',
  depth,
  tube: 0.016,
  hose: null,
  open: 1,
});
const measured: Partial<Tank> = {
  water: {
    how: 'measured',
    shape: { form: 'box', length: 1.2, width: 0.5, height: 0.5 },
    fill: 0.45,
    substrate: { depth: 0.05, porosity: 0.4 },
    hardscape: { by: 'volume', volume: 0 },
  },
};

const FLOATING: Partial<Tank> = { litter: { perDay: null, floating: true } };

/** Its sponge is 1 cm long: all of the water goes through a small face. */
const short = (filter: Filter): Filter => ({
  ...filter,
  chambers: filter.chambers.map((chamber) =>
    chamber.shape.form === 'sleeve' ? { ...chamber, shape: { ...chamber.shape, height: 0.01 } } : chamber,
  ),
});

const CASES: readonly [rule: RuleId, level: FindingLevel, Case][] = [
  [
    'still-wrapped',
    'urgent',
    { kind: 'canister-down-flow', layers: [foam('tray-4', 0.08, 'lava', { holder: 'wrapper' })] },
  ],
  [
    'foot-missing',
    'urgent',
    {
      kind: 'hang-on-back-basket',
      layers: basket,
      filter: (filter) => ({ ...filter, spill: filter.spill && { ...filter.spill, foot: 'missing' } }),
    },
  ],
  [
    'blocked-spill',
    'note',
    {
      kind: 'hang-on-back-basket',
      layers: [foam('basket', 0.105)],
      filter: (filter) => ({ ...filter, spill: filter.spill && { ...filter.spill, notch: null } }),
    },
  ],
  [
    'circulation-aim',
    'note',
    {
      kind: 'canister-down-flow',
      layers: tray,
      filter: (filter) => ({ ...filter, intakes: [intake(null)] }),
      tank: { circulation: [{ place: 'right', aim: 'along the tank', flow: 1e-3 }] },
    },
  ],
  [
    'full-top-tray',
    'check',
    { kind: 'canister-down-flow', layers: [foam('tray-4', 0.08, 'foam-30', { dirt: 'loaded' })] },
  ],
  [
    'intake-depth',
    'note',
    {
      kind: 'canister-down-flow',
      layers: tray,
      tank: measured,
      filter: (filter) => ({ ...filter, intakes: [intake(0.39)] }),
    },
  ],
  [
    'intake-depth',
    'note',
    {
      kind: 'canister-down-flow',
      layers: tray,
      tank: measured,
      filter: (filter) => ({ ...filter, intakes: [intake(0.1)] }),
    },
  ],
  [
    'intake-draught',
    'check',
    {
      kind: 'canister-down-flow',
      layers: [foam('intake-sponge', 0.005, 'foam-20'), ...tray],
      filter: (filter) => short(addIntakeSponge({ ...filter, intakes: [intake(null)] })),
      tank: { animals: ['fry'] },
    },
  ],
  [
    'internal-foam-choice',
    'note',
    {
      kind: 'internal-compartments',
      layers: [foam('slot-1', 0.06, 'foam-15'), foam('slot-2', 0.06), foam('slot-3', 0.06)],
      more: () => ({ schools: { ...DEFAULT_SCHOOLS, internalFoam: 'mineral' } }),
    },
  ],
  [
    'over-dividers',
    'check',
    {
      kind: 'internal-compartments',
      layers: [
        foam('slot-1', 0.06, 'foam-45'),
        foam('slot-2', 0.06, 'foam-45'),
        foam('slot-3', 0.06, 'foam-45'),
      ],
      filter: (filter) => ({ ...filter, openEdge: { belowWater: 0.03, width: 0.22 } }),
    },
  ],
  [
    'pump-curve-label',
    'check',
    {
      kind: 'canister-down-flow',
      layers: tray,
      filter: (filter) => ({
        ...filter,
        pump: {
          ...filter.pump,
          head: {
            by: 'curve',
            points: [
              { flow: 0, head: 2 },
              { flow: filter.labelFlow / 4, head: 1 },
              { flow: filter.labelFlow / 2, head: 0 },
            ],
          },
        },
      }),
    },
  ],
  [
    'stage-order',
    'note',
    {
      kind: 'hang-on-back-basket',
      layers: [foam('basket', 0.04, 'lava'), foam('basket', 0.04)],
      more: () => ({ schools: { ...DEFAULT_SCHOOLS, order: 'any' } }),
    },
  ],
  [
    'stream-aim',
    'check',
    {
      kind: 'canister-down-flow',
      layers: tray,
      tank: measured,
      filter: (filter) => ({ ...filter, outlets: [outlet('up')] }),
    },
  ],
  [
    'stream-aim',
    'note',
    {
      kind: 'canister-down-flow',
      layers: tray,
      tank: measured,
      filter: (filter) => ({ ...filter, intakes: [intake(null)], outlets: [outlet('along the tank')] }),
    },
  ],
  [
    'unexplained-flow',
    'check',
    {
      kind: 'canister-down-flow',
      layers: tray,
      more: (filter) => ({ cleanFlow: cleanFlow(filter, tray, 25, filter.labelFlow * 3) }),
    },
  ],
  ['unknown-medium', 'note', { kind: 'canister-down-flow', layers: [foam('tray-4', 0.08, 'unknown')] }],
];

/** Rows of a pack: medium, chamber, thickness, and what is not usual of it. */
type Row = readonly [medium: string, chamber: string, thickness: number, change?: Partial<Layer>];
const pack = (...rows: readonly Row[]): Layer[] =>
  rows.map(([medium, chamber, thickness, change], index) => ({
    ...plainLayer(`l${index}`, medium, chamber, thickness),
    ...change,
  }));
const bySchool =
  (schools: Partial<Schools>): NonNullable<Case['more']> =>
  () => ({ schools: { ...DEFAULT_SCHOOLS, ...schools } });
const spill =
  (
    change: Partial<NonNullable<Filter['spill']>>,
    assumed: Filter['assumed'] = [],
  ): NonNullable<Case['filter']> =>
  (filter) => ({ ...filter, spill: filter.spill && { ...filter.spill, ...change }, assumed });

const DOWN: Pick<Case, 'kind'> = { kind: 'canister-down-flow' };
const UP: Pick<Case, 'kind'> = { kind: 'canister-centre-pipe' };
const BASKET: Pick<Case, 'kind'> = { kind: 'hang-on-back-basket' };
const CARTRIDGES: Pick<Case, 'kind'> = { kind: 'hang-on-back-cartridge' };
const ANYHOW = { ...DOWN, layers: tray };
const THIN_BAG = { holder: 'bag', cut: { length: 0.15, width: 0.15 } } as const;
/** A strip off one wall of the 12 × 8 cm basket, wider than what a body without a notch needs so that it cannot spill. */
const TRIMMED = { cut: { length: 0.12, width: 0.0756 } };
const CUT_SHORT = { cut: { length: 0.108, width: 0.068 } };
const WADDING = pack(['foam-15', 'basket', 0.05], ['floss-loose', 'basket', 0.03]);
const ZEOLITE = pack(['foam-30', 'tray-4', 0.08], ['zeolite', 'tray-2', 0.02, { holder: 'bag' }]);
const OLD_FOAM = pack(['foam-30', 'tray-4', 0.08, { treatment: 'throw away' }], ['lava', 'tray-3', 0.08]);

const MORE_CASES: readonly [rule: RuleId, level: FindingLevel, Case][] = [
  ['blocked-layer', 'check', { ...DOWN, layers: pack(['foam-30', 'tray-4', 0.08, { dirt: 'blocked' }]) }],
  [
    'carbon-on-tap',
    'note',
    { ...DOWN, layers: pack(['carbon', 'tray-1', 0.04]), more: bySchool({ tapWater: 'carbon' }) },
  ],
  ['cartridge-only', 'check', { ...CARTRIDGES, layers: pack(['cartridge', 'slot-1', 0.02]) }],
  [
    'cartridge-only',
    'note',
    {
      ...CARTRIDGES,
      layers: pack(['cartridge', 'slot-1', 0.02]),
      more: bySchool({ cartridges: 'rotate' }),
    },
  ],
  [
    'chemical-place',
    'check',
    { ...BASKET, layers: pack(['carbon', 'basket', 0.03], ['foam-30', 'basket', 0.04]) },
  ],
  [
    'chemical-place',
    'note',
    {
      ...DOWN,
      layers: pack(['carbon', 'tray-4', 0.04], ['foam-30', 'tray-4', 0.04], ['lava', 'tray-3', 0.08]),
    },
  ],
  [
    'dirty-downstream',
    'check',
    {
      ...DOWN,
      layers: pack(
        ['foam-15', 'tray-4', 0.08, { dirt: 'dusted' }],
        ['lava', 'tray-3', 0.08, { dirt: 'loaded' }],
      ),
    },
  ],
  ['empty-space', 'check', { ...BASKET, layers: pack(['foam-30', 'basket', 0.03]) }],
  ['empty-space', 'note', { ...BASKET, layers: pack(['foam-30', 'basket', 0.08]) }],
  [
    'empty-sponge-place',
    'note',
    {
      ...ANYHOW,
      filter: (filter) => addIntakeSponge({ ...filter, intakes: [intake(null)] }),
    },
  ],
  ['empty-well', 'note', { ...CARTRIDGES, layers: pack(['cartridge', 'slot-1', 0.018]) }],
  ['faulty-part', 'urgent', { ...ANYHOW, more: () => ({ parts: { clips: 'missing' } }) }],
  ['faulty-part', 'check', { ...ANYHOW, more: () => ({ parts: { seal: 'worn' } }) }],
  [
    'flat-cartridge',
    'check',
    { ...CARTRIDGES, layers: pack(['cartridge', 'slot-1', 0.02], ['cartridge', 'slot-2', 0.02]) },
  ],
  [
    'floss-first',
    'note',
    { ...BASKET, layers: pack(['floss-bonded', 'basket', 0.015], ['foam-15', 'basket', 0.04]) },
  ],
  [
    'floss-first',
    'check',
    {
      ...BASKET,
      layers: pack(['floss-bonded', 'basket', 0.015], ['foam-15', 'basket', 0.04]),
      more: bySchool({ flossFirst: 'never' }),
    },
  ],
  ['floating-plants', 'check', { ...ANYHOW, tank: FLOATING }],
  ['floating-plants', 'note', { ...ANYHOW, tank: FLOATING, more: bySchool({ intakeSponge: 'never' }) }],
  ['flowed-over', 'check', { ...BASKET, layers: pack(['foam-30', 'basket', 0.05]) }],
  [
    'foam-grade-choice',
    'note',
    { ...BASKET, layers: pack(['foam-30', 'basket', 0.08]), more: bySchool({ foamGrade: 'dense' }) },
  ],
  ['foam-only', 'note', { ...BASKET, layers: pack(['foam-30', 'basket', 0.08]) }],
  [
    'grade-order',
    'check',
    { ...DOWN, layers: pack(['foam-45', 'tray-4', 0.04], ['foam-15', 'tray-4', 0.04]) },
  ],
  [
    'grade-order',
    'note',
    {
      ...BASKET,
      layers: pack(['foam-45', 'basket', 0.04], ['foam-15', 'basket', 0.04]),
      more: bySchool({ order: 'any' }),
    },
  ],
  ['intake-guard', 'check', { ...ANYHOW, tank: { animals: ['shrimp'] } }],
  [
    'intake-guard',
    'note',
    { ...ANYHOW, tank: { animals: ['shrimp'] }, more: bySchool({ intakeSponge: 'never' }) },
  ],
  [
    'long-hoses',
    'note',
    { ...ANYHOW, filter: (filter) => ({ ...filter, hoses: filter.hoses && { ...filter.hoses, intake: 6 } }) },
  ],
  ['long-tank', 'check', { ...ANYHOW, tank: measured }],
  [
    'loose-wadding',
    'check',
    { ...BASKET, layers: WADDING, filter: (filter) => ({ ...filter, labelFlow: 2.5e-4 }) },
  ],
  [
    'loose-wadding',
    'note',
    { ...BASKET, layers: WADDING, filter: (filter) => ({ ...filter, labelFlow: 8e-5 }) },
  ],
  ['monthly-deep', 'check', { ...DOWN, layers: pack(['lava', 'tray-2', 0.08], ['carbon', 'tray-1', 0.04]) }],
  [
    'monthly-deep',
    'note',
    { ...DOWN, layers: pack(['lava', 'tray-2', 0.08], ['floss-bonded', 'tray-1', 0.02]) },
  ],
  [
    'most-mature-leaves',
    'urgent',
    {
      ...DOWN,
      layers: pack(['lava', 'tray-3', 0.08]).map((layer) => ({ ...layer, id: 'new' })),
      tank: { feed: { amount: { by: 'weight', perDay: 0.01 }, protein: 0.4 } },
      more: () => ({ found: OLD_FOAM.map((layer) => ({ ...layer, treatment: 'throw away' })) }),
    },
  ],
  [
    'most-mature-leaves',
    'check',
    {
      ...DOWN,
      layers: pack(['lava', 'tray-3', 0.08]).map((layer) => ({ ...layer, id: 'new' })),
      more: () => ({ found: OLD_FOAM.map((layer) => ({ ...layer, treatment: 'throw away' })) }),
    },
  ],
  ['nothing-mechanical', 'check', { ...BASKET, layers: pack(['lava', 'basket', 0.08]) }],
  [
    'open-bottom',
    'note',
    { ...UP, layers: pack(['foam-30', 'tray-2', 0.08]), more: () => ({ reached: ['bottom'] }) },
  ],
  ['overfill', 'urgent', { ...BASKET, layers: pack(['foam-30', 'basket', 0.15]) }],
  [
    'overfill',
    'check',
    {
      ...BASKET,
      layers: pack(['foam-30', 'basket', 0.1]),
      filter: (filter) => ({
        ...filter,
        chambers: filter.chambers.map((chamber) => ({ ...chamber, stop: 0.09, upperStop: 0.105 })),
      }),
    },
  ],
  [
    'packed-backwards',
    'check',
    {
      ...DOWN,
      layers: pack(
        ['foam-15', 'tray-1', 0.08],
        ['foam-45', 'tray-2', 0.08],
        ['lava', 'tray-3', 0.08],
        ['lava', 'tray-4', 0.08],
      ),
    },
  ],
  ['plastic-particles', 'note', { ...DOWN, layers: pack(['scrubbers', 'tray-3', 0.08]) }],
  [
    'polishing-pad',
    'check',
    {
      ...DOWN,
      layers: pack(['foam-15', 'tray-4', 0.08], ['lava', 'tray-3', 0.08], ['floss-bonded', 'tray-2', 0.02]),
    },
  ],
  [
    'polishing-pad',
    'note',
    {
      ...DOWN,
      layers: pack(['foam-45', 'tray-4', 0.08], ['lava', 'tray-3', 0.08], ['floss-bonded', 'tray-2', 0.02]),
    },
  ],
  [
    'settlement-first',
    'note',
    { ...UP, layers: pack(['rings-dense', 'tray-1', 0.03], ['foam-15', 'tray-2', 0.08]) },
  ],
  ['short-piece', 'check', { ...BASKET, layers: pack(['foam-30', 'basket', 0.08, CUT_SHORT]) }],
  [
    'short-piece',
    'note',
    {
      ...BASKET,
      layers: pack(['foam-30', 'basket', 0.05, TRIMMED], ['foam-45', 'basket', 0.05, TRIMMED]),
      filter: spill({ notch: null }),
    },
  ],
  [
    'spent-medium',
    'check',
    {
      ...DOWN,
      layers: pack(['carbon', 'tray-1', 0.08, { installedOn: '2025-11-25' }]),
      more: () => ({ now: '2026-11-25T12:00:00Z' }),
    },
  ],
  [
    'spills',
    'urgent',
    {
      ...BASKET,
      layers: pack(['foam-45', 'basket', 0.105]),
      filter: spill({ notch: null, rimAboveLip: 0.012 }),
    },
  ],
  [
    'spills',
    'check',
    {
      ...BASKET,
      layers: pack(['foam-45', 'basket', 0.105]),
      filter: spill({ notch: null, rimAboveLip: 0.012 }, ['spill']),
    },
  ],
  [
    'sponge-alone',
    'note',
    { kind: 'internal-sponge', layers: pack(['foam-30', 'sponge', 0.025]), tank: newTank('t', 'Test', 0.06) },
  ],
  [
    'sponge-alone',
    'check',
    { kind: 'internal-sponge', layers: pack(['foam-30', 'sponge', 0.025]), tank: newTank('t', 'Test', 0.2) },
  ],
  [
    'sponge-fit',
    'check',
    {
      ...DOWN,
      layers: pack(['foam-20', 'intake-sponge', 0.02]),
      filter: (filter) => ({
        ...addIntakeSponge({ ...filter, intakes: [intake(null)] }),
        intakes: [{ ...intake(null), tube: 0.022 }],
      }),
    },
  ],
  ['stage-order', 'check', { ...DOWN, layers: pack(['lava', 'tray-4', 0.04], ['foam-30', 'tray-4', 0.04]) }],
  [
    'stands-beside',
    'check',
    {
      ...ANYHOW,
      filter: (filter) => ({ ...filter, hoses: filter.hoses && { ...filter.hoses, height: 0.05 } }),
    },
  ],
  ['thin-bag', 'check', { ...DOWN, layers: pack(['carbon', 'tray-2', 0.02, THIN_BAG]) }],
  [
    'tight-grains',
    'check',
    {
      kind: 'internal-compartments',
      layers: pack(['carbon', 'slot-1', 0.06]),
      filter: (filter) => ({ ...filter, labelFlow: 1.1e-4 }),
    },
  ],
  ['turnover-outside-band', 'check', { ...ANYHOW, more: () => ({ flow: 5e-5 }) }],
  [
    'turnover-outside-band',
    'note',
    {
      ...ANYHOW,
      more: () => ({ flow: 5e-5, schools: { ...DEFAULT_SCHOOLS, sizing: 'media weight' } }),
    },
  ],
  [
    'weak-biological-media',
    'check',
    { ...DOWN, layers: pack(['foam-30', 'tray-4', 0.08], ['balls', 'tray-3', 0.08]) },
  ],
  [
    'weak-biological-media',
    'note',
    {
      ...DOWN,
      layers: pack(['foam-30', 'tray-4', 0.08], ['balls', 'tray-3', 0.08]),
      more: bySchool({ rings: 'enough' }),
    },
  ],
  [
    'weak-biological-media',
    'note',
    {
      ...DOWN,
      layers: pack(['foam-30', 'tray-4', 0.08], ['balls', 'tray-3', 0.08]),
      more: () => ({
        tank: {
          ...newTank('t', 'Test', 0.1),
          feed: { amount: { by: 'weight', perDay: 1e-5 }, protein: 0.4 },
        },
      }),
    },
  ],
  ['worn-piece', 'check', { ...DOWN, layers: pack(['foam-30', 'tray-4', 0.08, { signs: ['foul'] }]) }],
  ['zeolite-stays', 'check', { ...DOWN, layers: ZEOLITE, more: bySchool({ zeolite: 'never' }) }],
  ['zeolite-stays', 'note', { ...DOWN, layers: ZEOLITE, more: bySchool({ zeolite: 'emergency' }) }],
];

const reportOf = ({ kind, layers, filter = (same) => same, tank = {}, more }: Case) => {
  const body = filter(presetFilter(kind, { id: 'f', tankId: 't' }, 'Test'));
  return evaluatePack({
    ...aloneOn({ ...newTank('t', 'Test', 0.1), ...tank }),
    filter: body,
    layers,
    flow: null,
    ...more?.(body),
  });
};

/** What a finding is: its rule and level, how much is at stake, of which layers, and what a press would do. */
const kindOf = ({ rule, level, effect, layers, moves, chamber, remedy }: Finding): string =>
  [
    `${rule} ${level} ${effect.toFixed(3)}`,
    ...(chamber === undefined ? [] : [`in ${chamber}`]),
    ...(layers.length === 0 ? [] : [`of ${layers.join(', ')}`]),
    ...(moves === undefined ? [] : [`moves ${moves.join(', ')}`]),
    ...(remedy === undefined ? [] : [`press “${remedy.label}”: ${JSON.stringify(remedy.edit)}`]),
  ].join('; ');

describe('a finding', () => {
  it.each([...CASES, ...MORE_CASES])('%s can be %s', (rule, level, item) => {
    const { findings } = reportOf(item);
    const levels = findings.filter((finding) => finding.rule === rule).map((finding) => finding.level);
    expect([...new Set(levels)]).toEqual([level]);
    for (const { remedy } of findings)
      if (remedy !== undefined) expect(applyEdit(item.layers, remedy.edit)).not.toEqual(item.layers);
    // Read the difference before it is taken: these are the words and the remedies that keepers see.
    expect(
      findings
        .flatMap((finding) => [
          kindOf(finding),
          ...(finding.rule === rule ? [formatSentence(finding.title), formatSentence(finding.reason)] : []),
        ])
        .join('\n'),
    ).toMatchSnapshot();
  });

  it('is raised for every level that a rule declares', () => {
    const raised = new Set([...CASES, ...MORE_CASES].map(([rule, level]) => `${rule} ${level}`));
    const declared = RULES.flatMap(({ id, levels }) => levels.map((level) => `${id} ${level}`));
    expect(declared.filter((pair) => !raised.has(pair))).toEqual([]);
  });
});
