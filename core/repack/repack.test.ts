import { describe, expect, it } from 'vitest';
import type { Filter } from '../filter/filter';
import { FilterKindSchema, type FilterKind } from '../filter/filterKind';
import { presetFilter } from '../filter/presetFilter';
import type { PackedStep } from '../job/job';
import type { Layer } from '../layers/layer';
import { plainLayer } from '../layers/plainLayer';
import { aloneOn } from '../report/surroundings';
import { evaluatePack } from '../report/evaluatePack';
import { newTank } from '../tank/newTank';
import { formatSentence } from '../units/sentence';
import type { PackInput } from '../report/packMeasures';
import { wentIn } from './wentIn';
import { reportAsPacked } from './reportAsPacked';
import { bodyMass } from './bodyMass';
import { flowAfter } from './flowAfter';
import { planChanges } from './planChanges';
import { flowSubmerged, repackSteps } from './repackSteps';
import { REPACK_PHASES, type RepackStep, type StepContext } from './repackStep';

const tank = newTank('t', 'Test', 0.1);
const around = aloneOn(tank);
const filterOf = (kind: FilterKind, change: Partial<Filter> = {}): Filter => ({
  ...presetFilter(kind, { id: 'f', tankId: 't' }, 'Test'),
  ...change,
});
const firstBody = ({ chambers }: Filter): string => chambers.find(({ where }) => where === 'body')!.id;
const packOf = (filter: Filter): Layer[] => [
  plainLayer('coarse', 'foam-15', firstBody(filter), 0.02),
  plainLayer('stone', 'lava', firstBody(filter), 0.02),
];
const stepsOf = (filter: Filter, change: Partial<StepContext> = {}, layers = packOf(filter)): RepackStep[] =>
  repackSteps({
    filter,
    layers,
    measures: evaluatePack({ ...around, filter, layers, flow: null }),
    firstPack: false,
    isOpen: false,
    hasMature: true,
    matureLeaves: null,
    newTank: null,
    unprepared: 0,
    replace: [],
    lampFrom: null,
    footMissing: false,
    flowSubmerged: null,
    ...change,
  });
const keysOf = (steps: readonly RepackStep[]): string[] => steps.map(({ key }) => key);

/** The keys stand in the list in this order; whatever else is between. */
function expectSequence(steps: readonly RepackStep[], ...sequence: string[]) {
  const keys = keysOf(steps);
  expect(sequence.filter((key) => !keys.includes(key))).toEqual([]);
  expect([...sequence].sort((a, b) => keys.indexOf(a) - keys.indexOf(b))).toEqual(sequence);
}

// The order of each kind’s work: power off, water stopped, opened, packed, closed, filled before power, then leaks, noise and flow
// (common practice, no source).
describe('the step list of each kind', () => {
  const CANISTERS: readonly FilterKind[] = [
    'canister-centre-pipe',
    'canister-side-riser',
    'canister-down-flow',
    'canister-outside-in',
    'canister-prefilter',
  ];

  it.each(CANISTERS)(
    '%s with taps: plug, taps, lift, open, drain, pack, seal, fill, hoses, prime, power, leaks',
    (kind) => {
      expectSequence(
        stepsOf(filterOf(kind, { equipment: ['taps'] })),
        'ready/tools',
        'stop/plug out',
        'stop/taps shut',
        'stop/uncouple',
        'open/lift body',
        'open/head off',
        'open/drain',
        'open/keep wet',
        'body/impeller, canister',
        'pack/coarse',
        'close/seal',
        'close/fill body',
        'close/lid, canister',
        'close/hoses',
        'start/taps open',
        'start/prime',
        'start/power on',
        'start/leaks',
        'start/noise',
        'check/flow',
      );
    },
  );

  it.each(CANISTERS)('%s without taps breaks the siphon before it is opened', (kind) => {
    const steps = stepsOf(filterOf(kind, { equipment: [] }));
    expectSequence(
      steps,
      'stop/plug out',
      'stop/siphon broken',
      'open/head off',
      'start/intake down',
      'start/prime',
    );
    expect(keysOf(steps)).not.toContain('stop/taps shut');
  });

  it.each(['hang-on-back-basket', 'hang-on-back-cartridge'] as const)(
    '%s: tube out before opening, motor seal, foot, wider end, filled to the lip, level and flow after',
    (kind) => {
      const steps = stepsOf(filterOf(kind));
      expectSequence(
        steps,
        'stop/plug out',
        'stop/tube lifted',
        'open/lid off',
        'body/impeller, hang-on-back',
        'body/motor seal',
        'body/level',
        'pack/coarse',
        'close/basket',
        'close/tube',
        'start/fill hang-on-back',
        'start/power on',
        'start/leaks',
        'start/water level',
        'check/flow',
      );
      expect(keysOf(steps).some((key) => /prime|taps|hoses|head off/.test(key))).toBe(false);
      expect(steps.find(({ key }) => key === 'stop/tube lifted')?.caution).toMatch(/motor off from below/);
    },
  );

  it.each(['internal-sponge', 'internal-compartments'] as const)(
    '%s: caught in a bag, opened at the sink, filled under water before power',
    (kind) => {
      const filter = filterOf(kind);
      const steps = stepsOf(filter);
      expectSequence(
        steps,
        'stop/plug out',
        'stop/bag under',
        'open/inside open',
        'body/impeller, internal',
        'close/internal in',
        'start/under water',
        'start/power on',
        'check/flow',
      );
      expect(keysOf(steps)).not.toContain('start/leaks');
    },
  );

  it.each(FilterKindSchema.options)(
    '%s: phases follow each other, keys are its own, hands are safe before they go in',
    (kind) => {
      const equipment: Filter['equipment'] = ['taps', 'heater', 'UV lamp', 'air bleed', 'grid', 'spray bar'];
      const steps = stepsOf(filterOf(kind, { equipment }));
      const keys = keysOf(steps);
      expect(new Set(keys).size).toBe(keys.length);
      const order = steps.map(({ phase }) => REPACK_PHASES.indexOf(phase));
      expect([...order].sort((a, b) => a - b)).toEqual(order);
      const plug = steps.find(({ key }) => key === 'stop/plug out');
      expect(plug).toMatchObject({ acknowledge: true, confirm: 'The plug is out' });
      expect(plug?.caution).toMatch(/RCD/);
      // Lamp and heater first: a heater cools in water, and nobody looks into a lit lamp.
      expectSequence(steps, 'stop/lamp off', 'stop/heater off', 'stop/plug out', 'start/power on');
      expect(steps.every(({ evidence }) => evidence !== '')).toBe(true);
      // Whatever is put in is put in before the pump may run.
      const power = keys.indexOf('start/power on');
      expect(keys.findLastIndex((key) => key.startsWith('pack/'))).toBeLessThan(power);
    },
  );

  it('does not stop a filter again that stands open, and looks that it is still safe', () => {
    const steps = stepsOf(filterOf('canister-down-flow', { equipment: ['taps'] }), { isOpen: true });
    expect(keysOf(steps).filter((key) => /^(stop|open)/.test(key))).toEqual(['stop/plug stays out']);
    expect(steps.flatMap(({ says }) => says.map((line) => formatSentence(line))).join(' ')).toMatch(
      /Both taps must still be closed/,
    );
  });

  it('looks through the packing of a new filter, and has nothing to keep wet', () => {
    const steps = stepsOf(filterOf('hang-on-back-basket'), { firstPack: true, hasMature: false });
    expect(keysOf(steps)).toContain('body/packing off');
    expect(keysOf(steps)).not.toContain('open/keep wet');
    expect(keysOf(steps)).not.toContain('body/rinse body');
  });

  it('packs in packing order, whatever way the water goes', () => {
    const filter = filterOf('canister-down-flow');
    const steps = stepsOf(filter).filter(({ phase }) => phase === 'pack');
    // Down-flow: the water meets the foam first, the hands lay the stone first.
    expect(steps.map(({ layerId }) => layerId)).toEqual(['stone', 'coarse']);
    expect(
      steps
        .at(-1)
        ?.says.map((line) => formatSentence(line))
        .join(' '),
    ).toMatch(/“Top tray” is now full\. It must be seated all round/);
  });

  it('keeps the lamp dark until its day, and counts what is not prepared', () => {
    const filter = filterOf('canister-down-flow', { equipment: ['UV lamp'] });
    const steps = stepsOf(filter, { lampFrom: '18 December', unprepared: 2 });
    const power = steps.find(({ key }) => key === 'start/power on');
    expect(formatSentence(power?.says[0] ?? [])).toMatch(/off until 18 December/);
    expect(steps[0]?.title).toBe('2 preparations are not ticked');
  });

  it('says what a noisy outlet gives under water: more, for nothing is lifted', () => {
    const filter = filterOf('canister-down-flow');
    const high = { ...filter, outlets: filter.outlets.map((outlet) => ({ ...outlet, aboveWater: 0.1 })) };
    expect(flowSubmerged(filter, packOf(filter), 25)).toBeNull();
    const lowered = flowSubmerged(high, packOf(high), 25)!;
    const now = evaluatePack({ ...around, filter: high, layers: packOf(high), flow: null }).water.flow;
    expect(lowered).toBeGreaterThan(now);
    const steps = stepsOf(high, { flowSubmerged: lowered });
    expect(steps.flatMap(({ says }) => says.map((line) => formatSentence(line))).join(' ')).toMatch(
      /lower it below the surface/,
    );
  });

  it('knows what a full body weighs at least', () => {
    // By hand: four trays of 19 × 19 × 8 cm hold 11.55 L.
    expect(bodyMass(filterOf('canister-down-flow'))).toBeCloseTo(11.552, 3);
  });
});

const put = (layerId: string, change: Partial<PackedStep> = {}): PackedStep => ({
  layerId,
  at: '2026-11-25T14:00:00Z',
  thickness: null,
  mass: null,
  note: '',
  ...change,
});

describe('the pack as it went in', () => {
  const filter = filterOf('hang-on-back-basket');
  const layers = [
    plainLayer('coarse', 'foam-15', 'basket', 0.03),
    plainLayer('fine', 'foam-45', 'basket', 0.02),
    plainLayer('stone', 'sintered-glass', 'basket', 0.05),
  ];
  const input = { ...around, filter, layers, flow: null, found: [] };
  const plan = evaluatePack(input);
  /** Judges what went in, with which layers differ. */
  const judge = (plan: PackInput, packed: readonly PackedStep[]) => {
    const went = wentIn(plan.filter, plan.layers, packed);
    return { ...reportAsPacked(went, plan), differing: went.differing };
  };

  it('is the plan where nothing differed', () => {
    const found = judge(
      input,
      layers.map(({ id }) => put(id)),
    );
    expect(found).toMatchObject({ differing: [], holds: true, flowShare: 1, surfaceShare: 1 });
  });

  it('has four fifths of the stone’s surface where four fifths of the weight fitted', () => {
    const mass = 0.8 * plan.layers.find(({ layerId }) => layerId === 'stone')!.dryMass;
    const found = judge(input, [put('stone', { mass })]);
    expect(found.differing).toEqual(['stone']);
    const foam = plan.layers
      .filter(({ layerId }) => layerId !== 'stone')
      .reduce((sum, { surface }) => sum + surface, 0);
    const whole = plan.totals.biologicalSurface;
    // By hand: the foams’ surface stays, the stone’s goes with its mass.
    expect(found.surfaceShare).toBeCloseTo((foam + 0.8 * (whole - foam)) / whole, 9);
    expect(found.flowShare).toBeGreaterThan(1);
  });

  it('does not hold where more was pressed in than stays below the stop', () => {
    const found = judge(input, [put('stone', { thickness: 0.1 })]);
    expect(found.holds).toBe(false);
    expect(found.fresh.map(({ rule }) => rule)).toContain('overfill');
  });

  it('does not hide a new fault behind one of the same kind in another tray', () => {
    const canister = filterOf('canister-down-flow');
    const trays = [
      plainLayer('over', 'foam-15', 'tray-4', 0.1),
      plainLayer('right', 'lava', 'tray-3', 0.08),
      plainLayer('below', 'lava', 'tray-2', 0.08),
      plainLayer('last', 'lava', 'tray-1', 0.08),
    ];
    const inTrays = { ...around, filter: canister, layers: trays, flow: null, found: [] };
    const planned = evaluatePack(inTrays);
    expect(planned.findings.some(({ rule, chamber }) => rule === 'overfill' && chamber === 'tray-4')).toBe(
      true,
    );
    const found = judge(inTrays, [put('right', { thickness: 0.12 })]);
    expect(found.holds).toBe(false);
    expect(found.fresh.map(({ rule, chamber }) => [rule, chamber])).toEqual([['overfill', 'tray-3']]);
    // What the plan had already is no news, however its layers shift.
    const higher = judge(inTrays, [put('over', { thickness: 0.11 })]);
    expect(higher.fresh.filter(({ rule }) => rule === 'overfill')).toEqual([]);
  });
});

describe('a plan that changed in mid-repack', () => {
  const filter = filterOf('hang-on-back-basket');
  const layers = packOf(filter);

  it('names what comes out again, and what lies on a piece that is still to go in', () => {
    expect(planChanges(filter, layers, [put('coarse'), put('gone')])).toEqual({
      notPlanned: ['gone'],
      inTheWay: [],
    });
    const below = [plainLayer('new', 'foam-10', 'basket', 0.01), ...layers];
    expect(planChanges(filter, below, [put('coarse')]).inTheWay.map(({ id }) => id)).toEqual(['coarse']);
  });
});

describe('the flow after', () => {
  const filter = filterOf('canister-centre-pipe', { equipment: ['taps'] });
  const layers = packOf(filter);
  const predicted = flowAfter(filter, layers, new Set(), 25, 1e-4).fit.predicted;

  it('agrees within a tenth', () => {
    expect(flowAfter(filter, layers, new Set(), 25, 0.95 * predicted)).toMatchObject({
      side: 'agrees',
      reasons: [],
    });
  });

  // Causes of weak flow, likeliest first: intake, first foam, floss, impeller, hose, tap, air (common practice, no source).
  it('is weak for reasons in the trade’s order, those that this filter can have', () => {
    const causes = flowAfter(filter, layers, new Set(['coarse']), 25, predicted / 2).reasons.map(
      ({ cause }) => cause,
    );
    const order = [/intake sponge/, /first foam/, /impeller/, /hose/, /tap/, /Air/];
    expect(causes).toHaveLength(order.length);
    order.forEach((cause, index) => expect(causes[index]).toMatch(cause));
    const hang = filterOf('hang-on-back-basket');
    const fewer = flowAfter(hang, packOf(hang), new Set(), 25, 1e-6)
      .reasons.map(({ cause }) => cause)
      .join(' ');
    expect(fewer).not.toMatch(/hose|tap|Air|first foam/);
  });

  it('is strong where water goes around, or the jug is not what was entered', () => {
    const { side, reasons } = flowAfter(filter, layers, new Set(), 25, 1.5 * predicted);
    expect(side).toBe('stronger');
    expect(reasons[0]?.cause).toMatch(/around the pack/);
    expect(reasons.every(({ check }) => check !== '')).toBe(true);
  });
});
