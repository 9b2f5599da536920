import { describe, expect, it } from 'vitest';
import { addIntakeSponge } from '../filter/addIntakeSponge';
import type { Filter } from '../filter/filter';
import type { FilterKind } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import { cleanFlow } from '../hydraulics/cleanFlowFit';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { aloneOn, evaluatePack, type PackInput } from '../report/evaluatePack';
import { newTank } from '../tank/newTank';
import type { Tank } from '../tank/tank';
import type { FindingLevel } from './finding';
import { DEFAULT_SCHOOLS } from './defaultSchools';

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

/** Its sponge is 1 cm long: all of the water goes through a small face. */
const short = (filter: Filter): Filter => ({
  ...filter,
  chambers: filter.chambers.map((chamber) =>
    chamber.shape.form === 'sleeve' ? { ...chamber, shape: { ...chamber.shape, height: 0.01 } } : chamber,
  ),
});

const CASES: readonly [rule: string, level: FindingLevel, Case][] = [
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
    'internal-foam',
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

describe('the level of a finding', () => {
  it.each(CASES)('%s is %s', (rule, level, { kind, layers, filter = (same) => same, tank = {}, more }) => {
    const body = filter(presetFilter(kind, { id: 'f', tankId: 't' }, 'Test'));
    const report = evaluatePack({
      ...aloneOn({ ...newTank('t', 'Test', 0.1), ...tank }),
      filter: body,
      layers,
      flow: null,
      ...more?.(body),
    });
    expect(
      report.findings.filter((finding) => finding.rule === rule).map((finding) => finding.level),
    ).toEqual([level]);
  });
});
